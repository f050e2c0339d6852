"""Makes core/startup/charge/saturation.json again, for a person who has CoolProp (Python; the table was made with 8.0.0):

    pip install CoolProp==8.0.0
    python scripts/saturation-table.py > core/startup/charge/saturation.json

The app does not need it: the table ships with it, and core/startup/charge/charge.test.ts holds it against common
pressure-temperature charts and NIST's table of R-32. To add a refrigerant, add a line to REFRIGERANTS here and its
name to core/startup/charge/refrigerants.ts.
"""

import json
import sys

try:
    from CoolProp.CoolProp import PropsSI
except ImportError:
    sys.exit("CoolProp is not installed: pip install CoolProp==8.0.0")

ATMOSPHERE_PSI = 14.696
PASCALS_PER_PSI = 6894.757
FAHRENHEIT = range(-40, 141, 10)

# Molar masses in g/mol, CoolProp's own. R-454B is 68.9 / 31.1 % by mass of R-32 and R-1234yf (ASHRAE 34, from memory).
R32, R1234YF = 52.024, 114.0415928
MOLES_R32 = (68.9 / R32) / (68.9 / R32 + 31.1 / R1234YF)

# name, ASHRAE 34 safety class (from memory), what CoolProp calls it
REFRIGERANTS = [
    ("R-22", "A1", "R22"),
    ("R-410A", "A1", "R410A"),
    ("R-407C", "A1", "R407C"),
    ("R-32", "A2L", "R32"),
    ("R-454B", "A2L", f"HEOS::R32[{MOLES_R32}]&R1234yf[{1 - MOLES_R32}]"),
]


def gauge_psi(fluid: str, fahrenheit: float, quality: int) -> float:
    """Saturation pressure, psig: quality 0 is the bubble point, 1 the dew point."""
    kelvin = (fahrenheit + 459.67) / 1.8
    return round(PropsSI("P", "T", kelvin, "Q", quality, fluid) / PASCALS_PER_PSI - ATMOSPHERE_PSI, 2)


def table_of(name: str, safety: str, fluid: str) -> dict:
    points = [[f, gauge_psi(fluid, f, 0), gauge_psi(fluid, f, 1)] for f in FAHRENHEIT]
    return {"id": name, "safety": safety, "points": points}


SOURCE = (
    "saturation pressures in psig (14.696 psia atmosphere) at every 10 °F, bubble then dew, worked out with CoolProp 8.0.0: "
    "R-22, R-32, R-410A and R-407C from its own equations of state, R-454B as 68.9/31.1 % by mass of R-32 and R-1234yf"
)
json.dump({"source": SOURCE, "refrigerants": [table_of(*r) for r in REFRIGERANTS]}, sys.stdout, ensure_ascii=False)
print()
