from datetime import timedelta
from typing import Any
from unittest import mock

from django.core import mail
from django.test import Client, override_settings
from django.utils import timezone

from server.accounts.models import School, User
from server.classes.flows.make import make_class
from server.classes.models import Invitation
from server.may import Role
from server.testing.world import JSON, WorldCase, make_students, make_teacher, teacher_client


class Invitations(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        self.kestrels = make_class(self.world.maren, "Kestrels")
        self.client = teacher_client(self.world.maren)
        self.path = f"/api/classes/{self.kestrels.pk}"

    def invite(self, email: str = "tobias@gullhaven.example", role: str = "marks") -> Any:
        return self.client.post(f"{self.path}/invitations", {"email": email, "role": role}, JSON)

    def link(self) -> str:
        (line,) = [line for line in mail.outbox[-1].body.splitlines() if line.startswith("http")]
        return line.removeprefix("http://testserver")

    def test_a_colleague_says_yes_and_is_of_the_school_then(self) -> None:
        answer = self.invite("Tobias@Gullhaven.example ")
        self.assertEqual(answer.status_code, 201)
        self.assertEqual(mail.outbox[0].to, ["tobias@gullhaven.example"])
        self.assertEqual([each["invited"] for each in answer.json()["teachers"]], [False, True])

        tobias = make_teacher("tobias")
        theirs = make_class(tobias, "Theirs")
        (zoe,) = make_students(theirs, "Zoe Quill")
        client = teacher_client(tobias)
        self.assertContains(client.get("/classes/"), "Kestrels")
        self.assertContains(client.get(self.link()), "to teach Kestrels too")
        self.assertEqual(self.kestrels.teachings.count(), 1, "looking accepts nothing")
        self.assertRedirects(client.post(self.link()), f"/classes/{self.kestrels.pk}/")
        for row in (tobias, theirs, zoe):
            row.refresh_from_db()
            self.assertEqual(row.school, self.world.maren.school)
        self.assertFalse(School.objects.exclude(pk=self.world.maren.school_id).exists())
        self.assertEqual(self.kestrels.teachings.get(teacher=tobias).role, Role.MARKS)
        self.assertEqual(client.get(self.link()).status_code, 404, "it is taken up once")

    def test_it_is_for_the_address_that_it_was_sent_to(self) -> None:
        self.invite()
        answer = teacher_client(make_teacher("somebody")).post(self.link())
        self.assertContains(answer, "This invitation is for tobias@gullhaven.example", status_code=422)
        self.assertEqual(self.kestrels.teachings.count(), 1)

    def test_who_teaches_at_another_school_with_others_stays_there(self) -> None:
        self.invite()
        tobias = make_teacher("tobias")
        User.objects.create_user("other@example.com", "x", school=tobias.school)
        self.assertContains(teacher_client(tobias).post(self.link()), "at another school", status_code=422)
        tobias.refresh_from_db()
        self.assertNotEqual(tobias.school, self.world.maren.school)

    @override_settings(SIGNUP_OPEN=False)
    def test_who_was_invited_may_make_an_account_where_nobody_else_may(self) -> None:
        self.invite()
        nobody, invited = Client(), Client()
        self.assertNotContains(nobody.get("/accounts/signup/"), "password1")
        self.assertContains(invited.get(self.link()), "Make an account")
        self.assertContains(invited.get("/accounts/signup/"), "password1")

    def test_an_invitation_is_renewed_taken_back_and_ends_by_itself(self) -> None:
        self.invite()
        first = self.link()
        self.invite(role="looks")
        tobias = teacher_client(make_teacher("tobias"))
        self.assertEqual(tobias.get(first).status_code, 404)
        self.assertEqual(tobias.get(self.link()).status_code, 200)
        Invitation.objects.update(at=timezone.now() - timedelta(days=31))
        self.assertEqual(tobias.get(self.link()).status_code, 404)
        self.invite()
        answer = self.client.delete(f"{self.path}/teachers/tobias@gullhaven.example")
        self.assertEqual(len(answer.json()["teachers"]), 1)
        self.assertEqual(tobias.post(self.link()).status_code, 404)

    def test_a_colleague_is_taken_off_and_an_owner_is_not(self) -> None:
        self.invite()
        tobias = teacher_client(make_teacher("tobias"))
        tobias.post(self.link())
        self.assertEqual(tobias.get(self.path).status_code, 200)
        self.assertEqual(tobias.delete(f"{self.path}/teachers/maren@gullhaven.example").status_code, 404)
        self.client.delete(f"{self.path}/teachers/tobias@gullhaven.example")
        self.assertEqual(tobias.get(self.path).status_code, 404)
        self.assertEqual(self.client.delete(f"{self.path}/teachers/%00a@b.example").status_code, 200)
        self.assert_error(self.client.delete(f"{self.path}/teachers/MAREN@gullhaven.example"), 409, "class.your_own")

    def test_what_cannot_be_asked_is_refused(self) -> None:
        self.assert_error(self.invite("nobody"), 422, "invitation.no_address")
        self.assert_error(self.invite("a@b.example\nBcc: c@d.example"), 422, "invitation.no_address")
        self.assert_error(self.invite("maren@gullhaven.example"), 422, "invitation.teaches_already")
        self.assert_error(self.invite(role="owns"), 422, "request.invalid")
        self.assertEqual(mail.outbox, [])

    def test_a_mail_that_is_not_sent_is_told_and_the_invitation_stays(self) -> None:
        with mock.patch("server.classes.flows.invite.send_mail", side_effect=ConnectionRefusedError):
            self.assert_error(self.invite(), 503, "invitation.not_sent")
        self.assertEqual(self.kestrels.invitations.count(), 1)
        self.assertEqual(self.invite().status_code, 201)
