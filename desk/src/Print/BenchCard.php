<?php

declare(strict_types=1);

namespace JackRest\Desk\Print;

/**
 * One page for the wall: what is to be done this week, in a few lists with a box to tick at each line.
 *
 * Lines longer than the page are broken at a word; what does not fit on the page is counted, never dropped in silence.
 */
final class BenchCard
{
    private const BOTTOM_MM = 16.0;

    private const LINE_MM = 6.2;

    private const TEXT_MM = 4.2;

    private const BOX_MM = 3.4;

    /** A letter is about half as wide as it is high. */
    private const LETTER = 0.5;

    private const MINUTES_MM = 22.0;

    /** A list gets a line of its own at least, its heading, and the line that counts what did not fit. */
    private const LEAST_LINES = 2;

    /**
     * @param  string  $title  what the week is for
     * @param  string  $date  of the day it was printed
     * @param  list<CardList>  $lists  the most urgent first; empty ones are left out
     */
    public static function sheet(string $title, string $date, array $lists): Sheet
    {
        $left = Sheet::MARGIN_MM;
        $marks = [
            new Text($left, 20.0, $title, 8.0, true),
            new Text($left, 27.0, "Bench card, $date", 3.5),
            new Line($left, 31.0, Sheet::WIDTH_MM - Sheet::MARGIN_MM, 31.0, 0.8),
        ];
        $y = 40.0;
        $lists = array_values(array_filter($lists, static fn (CardList $list): bool => $list->lines !== []));
        foreach ($lists as $index => $list) {
            // What the lists after this one need at least is kept free for them.
            $kept = (count($lists) - $index - 1) * (self::LEAST_LINES + 2) * self::LINE_MM;
            [$more, $y] = self::list($list, $y, Sheet::HEIGHT_MM - self::BOTTOM_MM - $kept);
            array_push($marks, ...$more);
        }

        return new Sheet($title, $marks);
    }

    /** @return array{list<Mark>, float} the list's marks, and where the next one begins */
    private static function list(CardList $list, float $y, float $bottom): array
    {
        $left = Sheet::MARGIN_MM;
        $right = Sheet::WIDTH_MM - Sheet::MARGIN_MM;
        $marks = [new Text($left, $y, $list->title, 5.0, true), new Line($left, $y + 2, $right, $y + 2, 0.3)];
        $y += self::LINE_MM + 2;
        foreach ($list->lines as $index => $line) {
            $broken = self::broken($line->says);
            $isLast = $index === count($list->lines) - 1;
            if ($y + (count($broken) - 1 + ($isLast ? 0 : 1)) * self::LINE_MM > $bottom) {
                $rest = count($list->lines) - $index;
                $marks[] = new Text($left + self::BOX_MM + 3, $y, "and $rest more, on the screen", self::TEXT_MM);
                $y += self::LINE_MM;
                break;
            }
            array_push($marks, ...self::box($left, $y));
            foreach ($broken as $part => $says) {
                $marks[] = new Text($left + self::BOX_MM + 3, $y + $part * self::LINE_MM, $says, self::TEXT_MM);
            }
            if ($line->right !== '') {
                $marks[] = new Text($right - self::width($line->right), $y, $line->right, self::TEXT_MM, true);
            }
            $y += count($broken) * self::LINE_MM;
        }

        return [$marks, $y + self::LINE_MM];
    }

    /** @return list<string> at most so long as the page is wide */
    private static function broken(string $says): array
    {
        $most = (int) floor(
            (Sheet::WIDTH_MM - 2 * Sheet::MARGIN_MM - self::BOX_MM - 3 - self::MINUTES_MM) /
                (self::TEXT_MM * self::LETTER),
        );
        $lines = [''];
        foreach (explode(' ', $says) as $word) {
            $now = count($lines) - 1;
            $longer = trim("{$lines[$now]} $word");
            if (mb_strlen($longer) > $most && $lines[$now] !== '') {
                $lines[] = $word;
            } else {
                $lines[$now] = $longer;
            }
        }

        return $lines;
    }

    private static function width(string $says): float
    {
        return mb_strlen($says) * self::TEXT_MM * self::LETTER * 1.05;
    }

    /** @return list<Line> */
    private static function box(float $x, float $y): array
    {
        [$top, $right] = [$y - self::BOX_MM, $x + self::BOX_MM];

        return [
            new Line($x, $top, $right, $top),
            new Line($right, $top, $right, $y),
            new Line($right, $y, $x, $y),
            new Line($x, $y, $x, $top),
        ];
    }
}
