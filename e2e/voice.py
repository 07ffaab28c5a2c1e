"""A voice for devices that have none: it notes what it is given to say, and has said each thing when it is told so."""

STAND_IN_VOICE = """
window.said = []; window.spoken = [];
speechSynthesis.getVoices = () => [{ name: "stand-in" }];
speechSynthesis.speak = (utterance) => { said.push(utterance.text); spoken.push(utterance); };
speechSynthesis.cancel = () => { window.hushed = true; };
"""

HAS_SAID_ALL = "while (spoken.length > 0) { const one = spoken.shift(); one.onend?.(); }"
"""It has said whatever it was given, and what it was given then."""
