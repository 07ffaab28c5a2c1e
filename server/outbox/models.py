from django.db import models


class Mail(models.Model):
    """A mail that the demo would have sent."""

    to = models.CharField(max_length=320)
    subject = models.CharField(max_length=998)
    body = models.TextField()
    sent_at = models.DateTimeField(auto_now_add=True)

    class Meta:
        ordering = ("-sent_at", "-id")

    def __str__(self) -> str:
        return f"{self.to}: {self.subject}"
