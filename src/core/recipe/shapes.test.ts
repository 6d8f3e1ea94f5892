import { unshaped } from "./shapes";

// Ways of writing a recipe down: common practice of boards, chats, tables and postcards; the texts are ours.
test.each([
  ["beef 1 kg // onions 2 // ale 400 ml", ["beef 1 kg", "onions 2", "ale 400 ml"]],
  ["[ ] 2 carrots   [ ] 1 onion   [x] parsley", ["[ ] 2 carrots", "[ ] 1 onion", "[x] parsley"]],
  ["[09:14] me: 500 g turkey, 1 onion", ["500 g turkey, 1 onion"]],
  ["> Strain.", ["Strain."]],
  ["| What | How much |\n|---|---|\n| leeks | 2 |\n| **cobbler** | |", ["leeks | 2", "cobbler:"]],
  ["— slice it, roast. — mince in a pan.", ["slice it, roast.", "mince in a pan."]],
  [
    "Start the day before. For 4: 600 g tofu; 60 ml soy sauce",
    ["Start the day before", "Serves 4", "600 g tofu; 60 ml soy sauce"],
  ],
  [
    "1 cauliflower (900 g), florets. 150 g macaroni. 400 ml soy milk. 1 tsp mustard.",
    ["1 cauliflower (900 g), florets", "150 g macaroni", "400 ml soy milk", "1 tsp mustard"],
  ],
  [
    "Leeks in cider. 2 leeks, 50 g butter, 300 ml cider, parsley. Leeks 8 min.",
    ["Leeks in cider.", "2 leeks, 50 g butter, 300 ml cider, parsley", "Leeks 8 min."],
  ],
  ["Fry the onion for 5 min. Add 2 tbsp flour.", ["Fry the onion for 5 min. Add 2 tbsp flour."]],
  ["2 onions, finely chopped", ["2 onions, finely chopped"]],
])("%s", (text, lines) => expect(unshaped(text).split("\n")).toEqual(lines));
