from django.urls import path

from server.camera.views import frame

urlpatterns = [path("frame.jpg", frame, name="camera_frame")]
