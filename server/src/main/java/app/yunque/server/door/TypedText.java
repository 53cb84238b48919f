package app.yunque.server.door;

import java.text.Normalizer;

/**
 * A text without what no database, file or paper can hold. Letters, signs and spaces of every script stay as they are.
 *
 * <ul>
 *   <li>Accents stand in their composed form (NFC), so that the same word is found whichever keyboard typed it.
 *   <li>Line breaks of every kind become a new line: a word processor pastes its own, the vertical tab among them.
 *   <li>Every other control character, a code point that is no character, and half of a pair become a space: what stood apart stays
 *       apart, and a number with one inside is not read as another number.
 *   <li>Byte order marks and switches of the writing direction, which nobody sees, fall out.
 * </ul>
 *
 * Source: The Unicode Standard, 5.8 (newlines), 23.1 (control codes), 23.7 (noncharacters), from memory; XML 1.0, 2.2 Char, which is
 * what a paper is made of.
 */
public final class TypedText {
    private static final int BYTE_ORDER_MARK = 0xFEFF;

    private TypedText() {}

    /** The text as a record holds it. */
    public static String of(String typed) {
        return Normalizer.normalize(printable(typed), Normalizer.Form.NFC);
    }

    /** The text as a paper can print it; nothing else is changed. */
    public static String printable(String text) {
        if (text.chars().allMatch(c -> c >= ' ' && c < 0x7F)) {
            return text;
        }
        var clean = new StringBuilder(text.length());
        for (int i = 0; i < text.length(); ) {
            int character = text.codePointAt(i);
            i += Character.charCount(character);
            if (character == '\r' && i < text.length() && text.charAt(i) == '\n') {
                continue;
            }
            if (isLineBreak(character)) {
                clean.append('\n');
            } else if (isNone(character)) {
                clean.append(' ');
            } else if (!isUnseen(character)) {
                clean.appendCodePoint(character);
            }
        }
        return clean.toString();
    }

    /** Line feed, vertical tab, form feed, carriage return, next line, line and paragraph separator. */
    private static boolean isLineBreak(int character) {
        return character >= '\n' && character <= '\r'
                || character == 0x85
                || character == 0x2028
                || character == 0x2029;
    }

    private static boolean isNone(int character) {
        return character != '\t' && Character.getType(character) == Character.CONTROL
                || Character.getType(character) == Character.SURROGATE
                || (character & 0xFFFE) == 0xFFFE
                || character >= 0xFDD0 && character <= 0xFDEF;
    }

    private static boolean isUnseen(int character) {
        return character == BYTE_ORDER_MARK
                || character >= 0x202A && character <= 0x202E
                || character >= 0x2066 && character <= 0x2069;
    }
}
