package app.yunque.plan;

import java.util.Comparator;

/** Text order in which runs of digits compare as numbers: B2 before B10. */
enum NaturalOrder implements Comparator<String> {
    INSTANCE;

    @Override
    public int compare(String a, String b) {
        int i = 0;
        int j = 0;
        while (i < a.length() && j < b.length()) {
            if (Character.isDigit(a.charAt(i)) && Character.isDigit(b.charAt(j))) {
                int endI = endOfDigits(a, i);
                int endJ = endOfDigits(b, j);
                int order = compareNumbers(a.substring(i, endI), b.substring(j, endJ));
                if (order != 0) {
                    return order;
                }
                i = endI;
                j = endJ;
            } else if (a.charAt(i) != b.charAt(j)) {
                return Character.compare(a.charAt(i), b.charAt(j));
            } else {
                i++;
                j++;
            }
        }
        int rest = Integer.compare(a.length() - i, b.length() - j);
        return rest != 0 ? rest : a.compareTo(b);
    }

    private static int endOfDigits(String text, int from) {
        int end = from;
        while (end < text.length() && Character.isDigit(text.charAt(end))) {
            end++;
        }
        return end;
    }

    private static int compareNumbers(String a, String b) {
        var x = a.replaceFirst("^0+(?=.)", "");
        var y = b.replaceFirst("^0+(?=.)", "");
        return x.length() != y.length() ? Integer.compare(x.length(), y.length()) : x.compareTo(y);
    }
}
