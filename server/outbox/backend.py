from collections.abc import Sequence

from django.core.mail import EmailMessage
from django.core.mail.backends.base import BaseEmailBackend

from server.outbox.models import Mail


class OutboxBackend(BaseEmailBackend):
    """Stands in for a mail server: keeps what is sent, for the outbox page."""

    def send_messages(self, email_messages: Sequence[EmailMessage]) -> int:
        mails = [
            Mail(to=", ".join(message.to), subject=str(message.subject), body=str(message.body))
            for message in email_messages
        ]
        return len(Mail.objects.bulk_create(mails))
