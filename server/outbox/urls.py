from django.urls import path

from server.outbox.views import outbox

urlpatterns = [path("", outbox, name="outbox")]
