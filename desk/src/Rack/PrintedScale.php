<?php

declare(strict_types=1);

namespace JackRest\Desk\Rack;

use JackRest\Core\Abrasive\GritScale;
use JackRest\Core\Abrasive\Medium;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Labelled;

/** How the size of a stone is told: by a grit scale, by the mesh of its diamond, by the name of an oilstone. */
enum PrintedScale: string implements Labelled
{
    case Jis = 'jis';
    case FepaP = 'fepa-p';
    case FepaF = 'fepa-f';
    case AnsiCoated = 'ansi-coated';
    case AnsiBonded = 'ansi-bonded';
    case Mesh = 'mesh';
    case Named = 'named';
    case Micron = 'micron';

    // Beyond the end of the table waterstones are numbered in inverse proportion to their grain; from memory.
    private const FINEST_GRIT = 30000;

    /** Sieve openings, µm (ASTM E11); from 800 on, which no sieve sorts, from memory. */
    private const MESH_UM = [
        '80' => 180.0, '100' => 150.0, '120' => 125.0, '140' => 106.0, '150' => 100.0, '170' => 90.0, '200' => 75.0,
        '220' => 69.0, '230' => 63.0, '250' => 60.0, '270' => 53.0, '300' => 50.0, '325' => 45.0, '400' => 38.0,
        '450' => 32.0, '500' => 25.0, '600' => 23.0, '635' => 20.0, '800' => 18.0, '1000' => 15.0, '1200' => 12.0,
        '1500' => 10.0, '2000' => 7.5, '3000' => 5.0, '8000' => 3.0,
    ];

    /** Particle size of oilstones by what they are sold as; from memory. */
    private const NAMED_UM = ['coarse' => 45.0, 'medium' => 25.0, 'fine' => 10.0, 'hard' => 6.0, 'translucent' => 4.0];

    public function label(): string
    {
        return match ($this) {
            self::Jis => 'waterstone grit (JIS)',
            self::FepaP => 'paper, P (FEPA)',
            self::FepaF => 'stone or wheel, F (FEPA)',
            self::AnsiCoated => 'paper (ANSI)',
            self::AnsiBonded => 'stone or wheel (ANSI)',
            self::Mesh => 'diamond, by mesh',
            self::Named => 'oilstone, by name',
            self::Micron => 'micrometres',
        };
    }

    /** What it is usually told by; common practice. */
    public static function usual(Medium $medium): self
    {
        return match ($medium) {
            Medium::DiamondPlate => self::Mesh,
            Medium::Oilstone => self::Named,
            default => self::from($medium->usualScale()->value),
        };
    }

    /** What may stand on it, for a hint beside the field. */
    public function example(): string
    {
        return match ($this) {
            self::Jis => 'such as 1000 or 8000',
            self::FepaP => 'such as P400',
            self::FepaF => 'such as F220',
            self::AnsiCoated, self::AnsiBonded => 'such as 220',
            self::Mesh => 'such as 325 or 1200',
            self::Named => 'coarse, medium, fine, hard or translucent',
            self::Micron => 'such as 15',
        };
    }

    /**
     * The scale and designation that a stone is kept with: its own, or micrometres where no scale lists it.
     *
     * @return array{GritScale, string}
     *
     * @throws InvalidInput for what cannot be read
     */
    public function kept(string $typed): array
    {
        $um = match ($this) {
            self::Mesh => self::mesh($typed),
            self::Named => self::NAMED_UM[self::word($typed)] ?? throw InvalidInput::because(
                'designation',
                'is none of: '.implode(', ', array_keys(self::NAMED_UM)),
            ),
            self::Jis => self::beyond($typed),
            default => null,
        };

        return $um === null
            ? [GritScale::from($this->value), trim($typed)]
            : [GritScale::Micron, (string) round($um, 2)];
    }

    /** What it is called by, as in “325 mesh diamond plate”. */
    public function called(string $typed): string
    {
        return match ($this) {
            self::Mesh => self::bare($typed).' mesh',
            self::Named => self::word($typed),
            default => GritScale::from($this->value)->label($typed),
        };
    }

    private static function mesh(string $typed): float
    {
        return self::MESH_UM[self::bare($typed)] ?? throw InvalidInput::because(
            'designation',
            'is no mesh that diamond is sold by, such as 325, 600 or 1200',
        );
    }

    /** @return float|null the size of a grit finer than the table; null: the table has to say */
    private static function beyond(string $typed): ?float
    {
        $grit = self::bare($typed);
        $table = GritScale::Jis->table();
        $last = (int) array_key_last($table);

        return ctype_digit($grit) && (int) $grit > $last && (int) $grit <= self::FINEST_GRIT
            ? ($table[$last] * $last) / (int) $grit
            : null;
    }

    private static function bare(string $typed): string
    {
        $bare = (string) preg_replace('/^[#\s]*(?:jis|j)?\s*|\s*(?:mesh|grit)\s*$/i', '', trim($typed));

        return str_replace([' ', ',', '.'], '', $bare);
    }

    private static function word(string $typed): string
    {
        return (string) preg_replace('/\s*(?:oil\s*stone|stone)$/', '', mb_strtolower(trim($typed)));
    }
}
