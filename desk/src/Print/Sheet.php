<?php

declare(strict_types=1);

namespace JackRest\Desk\Print;

/** One sheet of paper, mm, A4 if nothing else is said, with what is printed on it at true size. */
final readonly class Sheet
{
    /** A4, ISO 216. */
    public const WIDTH_MM = 210.0;

    public const HEIGHT_MM = 297.0;

    public const MARGIN_MM = 12.0;

    public const CHECK_MM = 100.0;

    /** @param  list<Mark>  $marks */
    public function __construct(
        public string $title,
        public array $marks,
        public float $width = self::WIDTH_MM,
        public float $height = self::HEIGHT_MM,
    ) {
    }

    /** @return list<Mark> the line by which a user sees that it came out at true size */
    public static function checkLine(float $x, float $y): array
    {
        return [
            new Line($x, $y, $x + self::CHECK_MM, $y),
            new Line($x, $y - 2, $x, $y + 2),
            new Line($x + self::CHECK_MM, $y - 2, $x + self::CHECK_MM, $y + 2),
            new Text($x + self::CHECK_MM + 3, $y + 1.2, '100 mm. Measure it before you use the sheet.', 3),
        ];
    }
}
