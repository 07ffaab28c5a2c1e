from django.urls import path

from server.worksheets import views

urlpatterns = [
    path("desk/", views.desk, name="desk"),
    path("worksheets/<uuid:worksheet_id>/", views.editor, name="editor"),
    path("worksheets/<uuid:worksheet_id>/document.json", views.document, name="document"),
    path(
        "worksheets/<uuid:worksheet_id>/pages/<str:page_id>/<int:width>.webp", views.page_picture, name="page_picture"
    ),
]
