from django.urls import path

from server.sounds import views

urlpatterns = [path("sounds/<str:sha256>/", views.sound, name="sound")]
