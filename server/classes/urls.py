from django.urls import path

from server.classes import views

urlpatterns = [
    path("classes/", views.classes, name="classes"),
    path("classes/<uuid:class_id>/", views.one_class, name="class"),
    path("classes/<uuid:class_id>/cards.pdf", views.cards, name="cards"),
    path("invitations/<str:token>/", views.invitation, name="invitation"),
    path("card/<str:token>/", views.card, name="card"),
    path("class/<str:code>/", views.sign_in, name="class_sign_in"),
    path("sign-out/", views.sign_out, name="student_sign_out"),
]
