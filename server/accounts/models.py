import uuid
from typing import Any, ClassVar

from django.contrib.auth.models import AbstractBaseUser, BaseUserManager
from django.db import models


class School(models.Model):
    """What classes and teachers belong to. Owns what outlives a teacher who leaves."""

    id = models.UUIDField(primary_key=True, default=uuid.uuid4, editable=False)
    name = models.CharField(max_length=80, default="", blank=True)
    made_at = models.DateTimeField(auto_now_add=True)

    def __str__(self) -> str:
        return self.name or str(self.pk)


class UserManager(BaseUserManager["User"]):
    def create_user(self, email: str, password: str | None = None, **extra: Any) -> "User":
        """A teacher, of a school of their own unless one is given."""
        if "school" not in extra:
            extra["school"] = School.objects.create()
        user = self.model(email=self.normalize_email(email), **extra)
        user.set_password(password)
        user.save(using=self._db)
        return user


class User(AbstractBaseUser):
    """A teacher. Signs in with an e-mail address."""

    id = models.UUIDField(primary_key=True, default=uuid.uuid4, editable=False)
    email = models.EmailField(unique=True)
    school = models.ForeignKey(School, models.PROTECT, related_name="teachers")
    is_active = models.BooleanField(default=True)
    joined_at = models.DateTimeField(auto_now_add=True)

    objects: ClassVar[UserManager] = UserManager()

    USERNAME_FIELD = "email"
    REQUIRED_FIELDS: ClassVar[list[str]] = []

    def __str__(self) -> str:
        return self.email
