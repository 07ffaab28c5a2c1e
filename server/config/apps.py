from django.apps import AppConfig


class ConfigConfig(AppConfig):
    name = "server.config"
    label = "config"

    def ready(self) -> None:
        from server.config import checks  # noqa: F401  (registers the system checks)
