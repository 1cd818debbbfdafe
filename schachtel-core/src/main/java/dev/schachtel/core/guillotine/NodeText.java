package dev.schachtel.core.guillotine;

import java.util.ArrayList;
import java.util.List;

/**
 * Cuts as text and back. A piece is its want's number, with ' if it lies turned; what is free is its size as {@code
 * .30x20}; strips stand in brackets, between bars if they lie side by side, between slashes if one above the other.
 */
final class NodeText {
    private static final int DEEPEST = 400;

    private final String text;
    private final Job job;
    private final Board board;
    private int at;

    private NodeText(String text, Job job, Board board) {
        this.text = text;
        this.job = job;
        this.board = board;
    }

    static String write(Node node) {
        StringBuilder out = new StringBuilder();
        write(node, out);
        return out.toString();
    }

    private static void write(Node node, StringBuilder out) {
        if (node.isPiece()) {
            out.append(node.want()).append(node.turned() ? "'" : "");
        } else if (node.isFree()) {
            out.append('.').append(node.width()).append('x').append(node.height());
        } else {
            char before = '(';
            for (Node strip : node.strips()) {
                out.append(before);
                write(strip, out);
                before = node.upright() ? '|' : '/';
            }
            out.append(')');
        }
    }

    /**
     * Reads what {@link #write} wrote.
     *
     * @throws IllegalArgumentException if it is anything else, or no way to cut this board for this job
     */
    static Node read(String text, Job job, Board board) {
        NodeText reader = new NodeText(text, job, board);
        Node root = reader.node(0);
        if (reader.at != text.length()) {
            throw reader.wrong("goes on after its end");
        }
        if (root.width() != board.width() || root.height() != board.height()) {
            throw reader.wrong("fills " + root.width() + " x " + root.height());
        }
        return root;
    }

    private Node node(int depth) {
        if (depth > DEEPEST) {
            throw wrong("has more than " + DEEPEST + " cuts within each other");
        }
        return switch (peek()) {
            case '(' -> cut(depth);
            case '.' -> free();
            default -> piece();
        };
    }

    private char peek() {
        return at < text.length() ? text.charAt(at) : ' ';
    }

    private Node piece() {
        long number = number();
        if (number >= job.wants().size()) {
            throw wrong("has a piece " + number + " that is not wanted");
        }
        boolean turned = peek() == '\'';
        at += turned ? 1 : 0;
        Want want = job.wants().get((int) number);
        if (!want.fits(board, turned)) {
            throw wrong("has a piece " + number + " that may not lie so");
        }
        return Node.piece((int) number, turned, want.across(turned), want.up(turned));
    }

    private Node free() {
        at++;
        long width = number();
        if (peek() != 'x') {
            throw wrong("lacks a height");
        }
        at++;
        long height = number();
        if (width < 1 || height < 1) {
            throw wrong("has a rest of no size");
        }
        return Node.free(width, height);
    }

    private Node cut(int depth) {
        at++;
        List<Node> strips = new ArrayList<>(List.of(node(depth + 1)));
        char between = peek();
        if (between != '|' && between != '/') {
            throw wrong("has a single strip");
        }
        boolean upright = between == '|';
        while (peek() == between) {
            at++;
            Node strip = node(depth + 1);
            if (strip.along(!upright) != strips.get(0).along(!upright)) {
                throw wrong("has strips of different lengths side by side");
            }
            strips.add(strip);
        }
        if (peek() != ')') {
            throw wrong("lacks a bracket");
        }
        at++;
        return Node.cut(upright, strips.toArray(Node[]::new));
    }

    private long number() {
        int from = at;
        while (Character.isDigit(peek()) && at - from < 18) {
            at++;
        }
        if (from == at) {
            throw wrong("lacks a number");
        }
        return Long.parseLong(text, from, at, 10);
    }

    private IllegalArgumentException wrong(String how) {
        return new IllegalArgumentException("at " + at + " of " + text.length() + " the cuts of a board of "
                + board.width() + " x " + board.height() + ": it " + how);
    }
}
