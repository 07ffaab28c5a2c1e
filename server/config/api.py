"""The two APIs: the teacher's, for whoever is signed in, and the student's, for whoever works on a copy."""

from ninja import NinjaAPI
from ninja.security import django_auth

from server.classes.api import router as classes
from server.copies.api import OwnCopy
from server.copies.api import router as copies
from server.copies.trial_api import router as trials
from server.entrance.errors import answer_errors
from server.handouts.api import router as handouts
from server.markbook.api import router as markbook
from server.markbook.trying import router as trying
from server.pictures.api import router as pictures
from server.sounds.api import router as sounds
from server.worksheets.api import router as worksheets
from server.worksheets.key_api import router as keys

teacher_api = NinjaAPI(
    title="Velum for teachers", urls_namespace="teacher", auth=django_auth, docs_url=None, openapi_url=None
)
teacher_api.add_router("", classes)
teacher_api.add_router("", worksheets)
teacher_api.add_router("", keys)
teacher_api.add_router("", pictures)
teacher_api.add_router("", sounds)
teacher_api.add_router("", handouts)
teacher_api.add_router("", trials)
teacher_api.add_router("", markbook)
teacher_api.add_router("", trying)
answer_errors(teacher_api)

student_api = NinjaAPI(
    title="Velum for students", urls_namespace="student", auth=OwnCopy(), docs_url=None, openapi_url=None
)
student_api.add_router("", copies)
answer_errors(student_api)
