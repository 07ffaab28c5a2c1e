from django.urls import path

from server.markbook import views

urlpatterns = [
    path("students/<uuid:student_id>/data.zip", views.student_data, name="student_data"),
    path("handouts/<uuid:handout_id>/", views.handout, name="handout"),
    path("copies/<uuid:copy_id>/", views.review, name="review"),
    path("copies/<uuid:copy_id>/pictures/<str:sha256>/", views.picture, name="review_picture"),
    path("copies/<uuid:copy_id>/files/<str:sha256>/", views.answer_file, name="review_file"),
]
