<?php

declare(strict_types=1);

namespace JackRest\Core\Abrasive;

use JackRest\Core\Calculation\InvalidInput;

/** A scale in which abrasives are sold; each owns its table and the way its designations are written. */
enum GritScale: string
{
    case FepaP = 'fepa-p';
    case FepaF = 'fepa-f';
    case AnsiCoated = 'ansi-coated';
    case AnsiBonded = 'ansi-bonded';
    case Jis = 'jis';
    case Micron = 'micron';

    /**
     * Median particle size in micrometres.
     *
     * @throws InvalidInput for a designation the standard does not list
     */
    public function particleUm(string $designation): float
    {
        return $this === self::Micron
            ? self::size($designation)
            : $this->table()[$this->bare($designation)] ??
                    throw InvalidInput::because('designation', $this->unlisted($designation));
    }

    /** The designation whose median size is nearest by ratio; for micrometres the size itself. */
    public function nearest(float $particleUm): string
    {
        if ($this === self::Micron) {
            return (string) $particleUm;
        }
        $distance = array_map(static fn (float $um): float => abs(log($um / $particleUm)), $this->table());

        asort($distance);

        return (string) array_key_first($distance);
    }

    /** @return array<array-key, float> micrometres by designation, coarse to fine */
    public function table(): array
    {
        return match ($this) {
            self::FepaP => GritTables::FEPA_P,
            self::FepaF => GritTables::FEPA_F,
            self::AnsiCoated => GritTables::ANSI_COATED,
            self::AnsiBonded => GritTables::ANSI_BONDED,
            self::Jis => GritTables::JIS,
            self::Micron => [],
        };
    }

    /** As printed on the abrasive: P400, F220, 1000, 9 µm. */
    public function label(string $designation): string
    {
        return match ($this) {
            self::FepaP => 'P'.$this->bare($designation),
            self::FepaF => 'F'.$this->bare($designation),
            self::Micron => self::size($designation).' µm',
            default => $this->bare($designation),
        };
    }

    private function bare(string $designation): string
    {
        $letters = match ($this) {
            self::FepaP => 'P',
            self::FepaF => 'F',
            self::Jis => 'J|JIS',
            default => 'ANSI',
        };

        return preg_replace("/^(?:#|(?:$letters))?\s*0*(?=\d)/i", '', trim($designation)) ?? $designation;
    }

    private static function size(string $designation): float
    {
        $number = preg_replace('/\s*(µm|μm|um|micron|microns)$/ui', '', trim($designation)) ?? '';
        $size = is_numeric($number) ? (float) $number : 0.0;

        return $size > 0 && is_finite($size)
            ? $size
            : throw InvalidInput::because('designation', 'must be the particle size in micrometres, such as 9');
    }

    private function unlisted(string $designation): string
    {
        $listed = array_map(intval(...), array_keys($this->table()));
        sort($listed);
        [$coarsest, $finest] = [$this->label((string) $listed[0]), $this->label((string) $listed[count($listed) - 1])];
        $bare = $this->bare($designation);
        if (! is_numeric($bare) || (float) $bare <= 0) {
            return "must be a number of this scale, from $coarsest to $finest";
        }
        $above = array_values(array_filter($listed, static fn (int $grit): bool => $grit > (float) $bare));
        $place = count($listed) - count($above);

        return match (true) {
            $above === [] => "is finer than the table, which ends at $finest: give the particle size in micrometres",
            $place === 0 => "is coarser than the table, which begins at $coarsest: give the particle size in "
                .'micrometres',
            default => 'is not listed; the listed ones around it are '
                ."{$this->label((string) ($listed[$place - 1] ?? ''))} and {$this->label((string) $above[0])}",
        };
    }
}
