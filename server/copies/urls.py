from django.urls import path

from server.copies import views

urlpatterns = [
    path("join/", views.enter_code, name="enter_code"),
    path("join/<str:code>/", views.join_with_code, name="join_with_code"),
    path("peg/", views.peg, name="peg"),
    path("peg/<uuid:handout_id>/", views.open_from_peg, name="open_from_peg"),
    path("c/worker.js", views.worker, name="sheet_worker"),
    path("c/<uuid:copy_id>/", views.sheet, name="sheet"),
    path("c/<uuid:copy_id>/begin/", views.begin_copy, name="begin_copy"),
    path("c/<uuid:copy_id>/leave/", views.leave, name="leave_copy"),
    path("c/<uuid:copy_id>/pages/<str:page_id>/<int:width>.webp", views.page_picture, name="copy_page_picture"),
    path("c/<uuid:copy_id>/pictures/<str:sha256>/", views.picture, name="copy_picture"),
    path("c/<uuid:copy_id>/sounds/<str:sha256>/", views.sound, name="copy_sound"),
    path("c/<uuid:copy_id>/files/<str:sha256>/", views.answer_file, name="copy_file"),
]
