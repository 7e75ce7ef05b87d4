"""The demo study: evening courses in sign language. Everything in it is made up by one seeded generator."""

from pathlib import Path

FOLDER = Path(__file__).parent
LEARNERS = FOLDER / "learners.csv"
SESSIONS = FOLDER / "sessions.csv"
FOLLOW_UP = FOLDER / "followup.csv"  # weighted by who answered
CODEBOOK = FOLDER / "learners.codebook.csv"
STUDY = FOLDER / "courses.istrel"  # the finished study; made by tools/demo_study.py
SENTENCE = "describe practice_min, receptive_post across format"
