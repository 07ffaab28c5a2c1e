import re
import uuid
from collections.abc import Sequence

from django.contrib.auth.decorators import login_required
from django.http import HttpRequest, HttpResponse
from django.shortcuts import redirect, render
from django.urls import reverse
from django.utils.translation import gettext
from django.views.decorators.http import require_http_methods, require_POST, require_safe

from server.accounts.adapter import INVITED
from server.accounts.teacher import teacher_of
from server.classes import cookies
from server.classes.card_sheet import Words, card_sheet
from server.classes.flows.find import find_class, students_in
from server.classes.flows.invite import accept, find_invitation, invitations_for
from server.classes.flows.sign_in import card_of_secret, card_of_token, class_of_code, named_in
from server.classes.models import Card, Class
from server.classes.show import CARDS_AT_ONCE, class_out, classes_of, invitation_out, students_in_order
from server.entrance.arrival import arrived_at
from server.entrance.codes import shown
from server.entrance.errors import Missing, Refused, TooMany
from server.entrance.rate import address_of, count_wrong, guessed_wrongly, locked
from server.entrance.screens import screen
from server.may import Right
from server.words.say import say
from velum.cards import LENGTH, PICTURES
from velum.names import folded


@login_required
@require_safe
def classes(request: HttpRequest) -> HttpResponse:
    """The classes of a teacher."""
    teacher = teacher_of(request)
    asked = [invitation_out(each) for each in invitations_for(teacher, arrived_at(request))]
    begun = {
        "classes": [row.model_dump(mode="json") for row in classes_of(teacher)],
        "invitations": [each.model_dump(mode="json") for each in asked],
        "email": teacher.email,
    }
    return screen(request, "classes", gettext("Your classes"), begun)


@login_required
@require_safe
def one_class(request: HttpRequest, class_id: uuid.UUID) -> HttpResponse:
    """A class: who is in it, and their cards."""
    teacher = teacher_of(request)
    of_class = find_class(teacher, class_id, Right.LOOK)
    return screen(request, "class", of_class.name, class_out(teacher, of_class))


@login_required
@require_safe
def cards(request: HttpRequest, class_id: uuid.UUID) -> HttpResponse:
    """The cards of a class, or of one ``student`` of it, to be printed. ``part``: the so manieth of a large class."""
    of_class = find_class(teacher_of(request), class_id, Right.MARK)
    students = students_in_order(students_in(of_class))
    if "student" in request.GET:
        students = [student for student in students if str(student.pk) == request.GET["student"]]
        if not students:
            raise Missing("student.missing", "There is no such student in a class of yours.")
    else:
        asked = request.GET.get("part", "")
        part = max(1, int(asked)) if re.fullmatch("[0-9]{1,4}", asked) else 1
        students = students[(part - 1) * CARDS_AT_ONCE : part * CARDS_AT_ONCE]
    words = Words(
        of_class=of_class.name,
        place=f"{request.get_host()}{reverse('enter_code')}".removesuffix("/"),
        code=shown(of_class.code),
        code_label=gettext("class code"),
    )
    addressed = [
        (student, request.build_absolute_uri(reverse("card", args=[student.card.token]))) for student in students
    ]
    response = HttpResponse(card_sheet(addressed, words), content_type="application/pdf")
    response["Content-Disposition"] = 'inline; filename="cards.pdf"'
    response["Cache-Control"] = "no-store"
    return response


@require_http_methods(["GET", "HEAD", "POST"])
def invitation(request: HttpRequest, token: str) -> HttpResponse:
    """What the link of an invitation opens. Who has no account yet may make one, also where nobody else may."""
    try:
        asked = find_invitation(token, arrived_at(request))
    except Missing as missing:
        return render(request, "sign_in/stopped.html", {"error": say(missing.sentence)}, status=missing.status)
    if not request.user.is_authenticated:
        request.session[INVITED] = True
        return render(request, "classes/invitation.html", {"invitation": asked, "next": request.path})
    if request.method != "POST":
        return render(request, "classes/invitation.html", {"invitation": asked})
    try:
        of_class = accept(teacher_of(request), token, arrived_at(request))
    except Refused as refused:
        context = {"invitation": asked, "error": say(refused.sentence)}
        return render(request, "classes/invitation.html", context, status=refused.status)
    return redirect("class", class_id=of_class.pk)


@require_http_methods(["GET", "HEAD", "POST"])
def card(request: HttpRequest, token: str) -> HttpResponse:
    """What the QR code of a card opens: whoever holds it says that it is theirs, and is signed in."""
    try:
        found = card_of_token(token)
    except Missing as missing:
        try:
            guessed_wrongly(request, "card")
        except TooMany as many:
            return render(request, "sign_in/stopped.html", {"error": say(many.sentence)}, status=many.status)
        return render(request, "sign_in/stopped.html", {"error": say(missing.sentence)}, status=missing.status)
    if request.method != "POST":
        response = render(request, "sign_in/card.html", {"student": found.student})
        response["Cache-Control"] = "no-store"
        return response
    return _signed_in(found)


@require_http_methods(["GET", "HEAD", "POST"])
def sign_in(request: HttpRequest, code: str) -> HttpResponse:
    """Sign in without the QR code: a name, and then the pictures of the card, one after the other."""
    try:
        of_class = class_of_code(code)
    except Missing as missing:
        guessed_wrongly(request, "class_code")
        return render(request, "sign_in/stopped.html", {"error": say(missing.sentence)}, status=missing.status)
    name = request.POST.get("name", "")[:200].strip()
    picked = [each for each in request.POST.getlist("picked") if each in PICTURES][:LENGTH]
    context: dict[str, object] = {"of_class": of_class, "code": code, "name": name}
    if len(picked) == LENGTH:
        try:
            return _signed_in(_card_of(request, of_class, name, " ".join(picked)))
        except (Missing, TooMany) as refused:
            return _pictures(request, context | {"error": say(refused.sentence)}, status=refused.status)
    if name:
        return _pictures(request, context, picked)
    return render(request, "sign_in/name.html", context)


def _pictures(
    request: HttpRequest, context: dict[str, object], picked: Sequence[str] = (), status: int = 200
) -> HttpResponse:
    """Ask for the next picture, after those that were ``picked``."""
    context["picked"] = picked
    context["pictures"] = [(name, say(word)) for name, word in PICTURES.items()]
    context["places"] = [*picked, *([""] * (LENGTH - len(picked)))]
    response = render(request, "sign_in/pictures.html", context, status=status)
    response["Cache-Control"] = "no-store"
    return response


def _card_of(request: HttpRequest, of_class: Class, name: str, picked: str) -> Card:
    """The card of whoever is called so and has these pictures. Raises Missing, and TooMany after wrong ones.

    Wrong ones count against the name, whether somebody is called so or not: nobody learns who is in a class.
    """
    key = f"{of_class.pk} {folded(name)[:100]}"
    students = named_in(of_class, name)
    here = f"{key} {address_of(request)}"
    everywhere = [str(student.pk) for student in students] or [key]
    if locked(request, "secret_here", here) or any(locked(request, "secret", each) for each in everywhere):
        raise TooMany(
            "card.too_many", "Too many wrong pictures for this name. Use the QR code of your card, or wait ten minutes."
        )
    try:
        return card_of_secret(students, picked)
    except Missing:
        count_wrong(request, "secret_here", here)
        for each in everywhere:
            count_wrong(request, "secret", each)
        raise


def _signed_in(found: Card) -> HttpResponse:
    response = redirect("peg")
    cookies.give(response, found)
    return response


@require_POST
def sign_out(request: HttpRequest) -> HttpResponse:
    """Sign the student out of this browser."""
    response = redirect("welcome")
    cookies.take_back(response)
    return response
