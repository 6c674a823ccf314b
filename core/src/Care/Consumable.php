<?php

declare(strict_types=1);

namespace JackRest\Core\Care;

/** What is used up: counted from what the diary says was done since it was bought. Uses of one are from memory. */
enum Consumable: string
{
    case Blades = 'blades';
    case Paper = 'paper';
    case Compound = 'compound';
    case Wax = 'wax';
    case Oil = 'oil';

    public function label(): string
    {
        return match ($this) {
            self::Blades => 'blades for coping and fret saw',
            self::Paper => 'abrasive paper',
            self::Compound => 'strop compound',
            self::Wax => 'wax',
            self::Oil => 'oil',
        };
    }

    public function one(): string
    {
        return match ($this) {
            self::Blades => 'blade',
            self::Paper => 'sheet',
            self::Compound => 'bar',
            self::Wax => 'tin',
            self::Oil => 'bottle',
        };
    }

    /** How often one of it does; paper and compound go by the stroke. */
    public function uses(): int
    {
        return match ($this) {
            self::Blades => 6,
            self::Paper => 250,
            self::Compound => 8000,
            self::Wax => 24,
            self::Oil => 60,
        };
    }

    /**
     * Strokes of a honing or a stropping that was written down without counting them; nought: it does not go by the
     * stroke.
     */
    public function strokesAtOnce(): int
    {
        return match ($this) {
            self::Paper => 50,
            self::Compound => 20,
            default => 0,
        };
    }

    /** What used it so many times. */
    public function by(int $times): string
    {
        $s = $times === 1 ? '' : 's';

        return "$times ".
            match ($this) {
                self::Blades => "day$s with a coping or fret saw",
                self::Paper => "stroke$s on paper",
                self::Compound => "stroke$s on the strop",
                self::Wax => "round$s of waxing",
                self::Oil => "round$s with rag or oil can",
            };
    }
}
