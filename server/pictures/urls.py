from django.urls import path

from server.pictures import views

urlpatterns = [path("pictures/<str:sha256>/", views.picture, name="picture")]
