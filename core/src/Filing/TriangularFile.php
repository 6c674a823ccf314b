<?php

declare(strict_types=1);

namespace JackRest\Core\Filing;

use JackRest\Core\Calculation\Field;

/** A triangular saw file by its usual size; width of a face where it is widest, from memory. */
final readonly class TriangularFile
{
    public function __construct(
        #[Field('what it is called')] public string $id,
        #[Field('length of its toothed part, mm')] public float $lengthMm,
        #[Field('width of a face, mm')] public float $faceMm,
    ) {
    }

    /** @return list<self> the narrowest face first */
    public static function all(): array
    {
        return [
            new self('needle file, triangular', 100, 3.0),
            new self('100 mm double extra slim', 100, 4.3),
            new self('125 mm double extra slim', 125, 4.8),
            new self('100 mm extra slim', 100, 5.1),
            new self('150 mm double extra slim', 150, 5.6),
            new self('150 mm extra slim', 150, 6.6),
            new self('125 mm slim', 125, 6.9),
            new self('150 mm slim', 150, 7.9),
            new self('175 mm slim', 175, 9.1),
            new self('200 mm slim', 200, 10.4),
            new self('175 mm regular', 175, 11.4),
            new self('200 mm regular', 200, 12.7),
            new self('250 mm regular', 250, 15.5),
        ];
    }

    public static function named(string $id): self
    {
        foreach (self::all() as $file) {
            if ($file->id === $id) {
                return $file;
            }
        }
        throw new \OutOfBoundsException("There is no file called \"$id\".");
    }

    /** The smallest with a face so wide; null: none is. */
    public static function atLeast(float $faceMm): ?self
    {
        foreach (self::all() as $file) {
            if ($file->faceMm >= $faceMm - 1e-9) {
                return $file;
            }
        }

        return null;
    }

    /**
     * By the points per inch, as tables have it; above 17 none but a needle file has so sharp a corner. Common
     * practice, the bounds from memory.
     */
    public static function byTable(float $pointsPerInch): ?self
    {
        $id = match (true) {
            $pointsPerInch < 4 => null,
            $pointsPerInch < 5 => '250 mm regular',
            $pointsPerInch < 6 => '200 mm regular',
            $pointsPerInch < 7 => '175 mm regular',
            $pointsPerInch < 8 => '175 mm slim',
            $pointsPerInch < 10 => '150 mm slim',
            $pointsPerInch < 11 => '125 mm slim',
            $pointsPerInch < 13 => '150 mm double extra slim',
            $pointsPerInch < 15 => '125 mm double extra slim',
            $pointsPerInch <= 17 => '100 mm double extra slim',
            default => 'needle file, triangular',
        };

        return $id === null ? null : self::named($id);
    }
}
