from django.urls import path

from server.handouts import views

urlpatterns = [
    path("handouts/<uuid:handout_id>/qr.svg", views.qr_code, name="qr_code"),
    path("handouts/<uuid:handout_id>/code-sheet/", views.code_sheet, name="code_sheet"),
    path("handouts/<uuid:handout_id>/live/", views.live, name="handout_live"),
    path(
        "handouts/<uuid:handout_id>/pages/<str:page_id>/<int:width>.webp",
        views.page_picture,
        name="handout_page_picture",
    ),
]
