import re

from django.test import override_settings

from server.accounts.models import User
from server.outbox.models import Mail
from server.testing.world import WorldCase


@override_settings(EMAIL_BACKEND="server.outbox.backend.OutboxBackend")
class SignUp(WorldCase):
    def sign_up(self, email: str = "runa@gullhaven.example", password: str = "herring-and-rye") -> None:
        self.client.post("/accounts/signup/", {"email": email, "password1": password})

    def test_an_account_opens_once_its_address_is_confirmed(self) -> None:
        self.sign_up()
        self.assertEqual(self.client.get("/desk/").status_code, 302)
        mail = Mail.objects.get()
        self.assertEqual(mail.to, "runa@gullhaven.example")
        self.assertContains(self.client.get("/outbox/"), mail.subject)
        link = re.search(r"/accounts/confirm-email/[^/\s]+/", mail.body)
        assert link
        self.assertContains(self.client.get(link[0]), "runa@gullhaven.example")
        self.assertRedirects(self.client.post(link[0]), "/desk/")

    def test_signing_in_and_out(self) -> None:
        self.client.post("/accounts/login/", {"login": "Maren@gullhaven.example", "password": "lantern-and-oil"})
        self.assertEqual(self.client.get("/desk/").status_code, 200)
        self.assertRedirects(self.client.get("/"), "/desk/")
        self.client.post("/accounts/logout/")
        self.assertRedirects(self.client.get("/desk/"), "/accounts/login/?next=/desk/")

    def test_a_wrong_password_opens_nothing(self) -> None:
        answer = self.client.post("/accounts/login/", {"login": "maren@gullhaven.example", "password": "lantern"})
        self.assertEqual(answer.status_code, 200)
        self.assertEqual(self.client.get("/desk/").status_code, 302)

    def test_guessing_passwords_is_slowed_down(self) -> None:
        guess = {"login": "maren@gullhaven.example", "password": "guess"}
        for _ in range(12):
            answer = self.client.post("/accounts/login/", guess)
        right = guess | {"password": "lantern-and-oil"}
        answer = self.client.post("/accounts/login/", right)
        self.assertContains(answer, "Too many", status_code=200)

    def test_a_weak_password_is_not_taken(self) -> None:
        for password in ("short", "password123", "runa@gullhaven.example"):
            self.sign_up(password=password)
        self.assertFalse(User.objects.filter(email="runa@gullhaven.example").exists())

    def test_whether_an_address_is_known_is_not_told(self) -> None:
        for email in ("maren@gullhaven.example", "runa@gullhaven.example"):
            answer = self.client.post("/accounts/signup/", {"email": email, "password1": "herring-and-rye"})
            self.assertRedirects(answer, "/accounts/confirm-email/")

    def test_a_forgotten_password_is_set_anew_by_mail(self) -> None:
        self.client.post("/accounts/password/reset/", {"email": "maren@gullhaven.example"})
        link = re.search(r"/accounts/password/reset/key/\S+/", Mail.objects.get().body)
        assert link
        form = self.client.get(link[0], follow=True)
        self.client.post(form.request["PATH_INFO"], {"password1": "pane-and-putty", "password2": "pane-and-putty"})
        self.client.post("/accounts/login/", {"login": "maren@gullhaven.example", "password": "pane-and-putty"})
        self.assertEqual(self.client.get("/desk/").status_code, 200)

    @override_settings(SIGNUP_OPEN=False)
    def test_a_school_can_close_the_sign_up(self) -> None:
        self.sign_up()
        self.assertFalse(User.objects.filter(email="runa@gullhaven.example").exists())

    def test_every_page_of_an_account_can_be_shown(self) -> None:
        self.client.force_login(self.world.maren)
        for page in ("email", "password/change", "logout", "reauthenticate"):
            with self.subTest(page):
                self.assertContains(self.client.get(f"/accounts/{page}/", follow=True), "card-paper")
