/** Texts that files have trouble with, by what is hard about them. */
export const hardTexts = {
  signs: [
    "CO₂ and H₂O at 20 ℃, 3 ‰",
    "E ⁄ m⁻³ ≈ x⁴ₙ, ⅓ ½",
    "œuvre, Œdème, ı, ħ, Å",
    "α…ω, Γ Δ Ξ Ω ϑ ϕ",
  ],
  cyrillic: ["Жёсткость линейки", "Ї Ґ є — період", "Ћирилица ђ љ"],
  vietnamese: ["Độ cứng của thước thép", "Ước lượng ảnh hưởng", "ơ ư ạ ẵ ỹ"],
  greek: ["Σκληρότητα χάρακα", "ἀρχή ᾧ ῥ", "Ελατήριο"],
  eastern: ["直尺的刚度与周期", "定規の周期を測る", "자의 주기"],
  arabic: ["صلابة المسطرة", "زمن عشر ذبذبات 10", "طول L والكتلة"],
  hebrew: ["קשיחות הסרגל", "זמן מחזור 10", "אורך L"],
  tex: ["100 % & more_of #1 ~ \\ ^ $x$ {y}", "\\textbf{no}", "a_b^c \\\\ %", "<<quoted>> `` ''"],
  markup: [
    "<b>bold</b> & <script>alert(1)</script>",
    "&amp; &lt; ]]>",
    "*stars* _lines_ [a](b) ![c](d)",
  ],
  lists: ["- not a list", "1. not a list", "# not a heading", "> not quoted", "| a | b |"],
  formulas: ["=SUM(1+1)", "@SUM(1+1)", "+1-1", "-cmd|' /C calc'!A0"],
  accents: ["e\u0301te\u0301, o\u0308, n\u0303", "Å\u0323ngström", "z\u030c s\u0331"],
  unseen: [
    "zero\u200bwidth",
    "\ufeffmark",
    "bell\u0007 null\u0000",
    "half \ud800 sign",
    "soft\u00adhyphen",
  ],
  emoji: ["bench 🧪 and 📏", "👩🏽‍🔬 at work", "✓ ✗ ★"],
  long: ["a".repeat(300), "word ".repeat(120).trim(), "unbroken_".repeat(30)],
  empty: ["", " ", "   edge   "],
} as const;

export type Hardness = keyof typeof hardTexts;
export const hardnesses = Object.keys(hardTexts) as readonly Hardness[];
