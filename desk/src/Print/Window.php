<?php

declare(strict_types=1);

namespace JackRest\Desk\Print;

/** The part of a drawing that one sheet shows, mm from the drawing's upper left corner. */
final readonly class Window
{
    public function __construct(public float $left, public float $top, public float $width, public float $height)
    {
    }

    /**
     * What of a line lies within; null: nothing.
     *
     * Source: Y.-D. Liang, B. A. Barsky, "A new concept and method for line clipping", ACM Transactions on Graphics 3
     * (1984).
     */
    public function clip(Line $line): ?Line
    {
        [$dx, $dy] = [$line->toX - $line->fromX, $line->toY - $line->fromY];
        $sides = [
            [-$dx, $line->fromX - $this->left],
            [$dx, $this->left + $this->width - $line->fromX],
            [-$dy, $line->fromY - $this->top],
            [$dy, $this->top + $this->height - $line->fromY],
        ];
        [$enters, $leaves] = [0.0, 1.0];
        foreach ($sides as [$outwards, $room]) {
            if ($outwards === 0.0 && $room < 0) {
                return null;
            }
            if ($outwards < 0) {
                $enters = max($enters, $room / $outwards);
            } elseif ($outwards > 0) {
                $leaves = min($leaves, $room / $outwards);
            }
        }

        return $enters >= $leaves
            ? null
            : new Line(
                $line->fromX + $enters * $dx,
                $line->fromY + $enters * $dy,
                $line->fromX + $leaves * $dx,
                $line->fromY + $leaves * $dy,
                $line->widthMm,
                $line->dashed,
            );
    }

    /** Whether some of a line of words may stand in it; a letter is taken for six tenths as wide as high. */
    public function meets(Text $text): bool
    {
        $width = mb_strlen($text->says) * $text->heightMm * 0.6;

        return $text->x < $this->left + $this->width &&
            $text->x + $width > $this->left &&
            $text->y > $this->top &&
            $text->y - $text->heightMm < $this->top + $this->height;
    }
}
