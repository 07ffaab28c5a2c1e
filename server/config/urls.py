from django.conf import settings
from django.urls import include, path

from server.config.api import student_api, teacher_api
from server.config.views import welcome

urlpatterns = [
    path("", welcome, name="welcome"),
    path("accounts/", include("allauth.account.urls")),
    path("", include("server.classes.urls")),
    path("", include("server.worksheets.urls")),
    path("", include("server.pictures.urls")),
    path("", include("server.sounds.urls")),
    path("", include("server.handouts.urls")),
    path("", include("server.copies.urls")),
    path("", include("server.markbook.urls")),
    path("api/", teacher_api.urls),
    path("c/", student_api.urls),
]

if settings.DEMO:
    urlpatterns += [
        path("outbox/", include("server.outbox.urls")),
        path("camera/", include("server.camera.urls")),
    ]
