<?php

declare(strict_types=1);

namespace JackRest\Desk\Filing;

use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Measure\Figure;

/** What is read off a saw, and what of it cannot be or is only doubtful. */
final readonly class SawReadings
{
    /** Two ways of measuring one thing that differ by more than this are asked about. */
    private const DOUBT_PITCH = 0.03;

    private const DOUBT_SET_MM = 0.03;

    /** @param  array<string, Figure>  $figures  tpi, rake, fleam, slope, set, plate, length, depth, tips, over, across */
    private function __construct(public array $figures)
    {
    }

    /** @param  array<string, string>  $typed */
    public static function of(array $typed, LengthFormatter $format): self
    {
        $read = static fn (string $name, DimensionUnit $unit, float $least, float $most, string $complaint): Figure => Figure::of($typed[$name] ?? '', $unit, $format)->within($least, $most, $complaint);
        $length = static fn (string $name, float $least, float $most, string $what): Figure => $read($name, DimensionUnit::Length, $least, $most, "$what: between ".$format->small($least).' and '.$format->dimension($most).'.');
        $figures = [
            'tpi' => $read('tpi', DimensionUnit::TeethPerInch, 2, 40, 'A hand saw has between 2 and 40 teeth to the inch.'),
            'rake' => $read('rake', DimensionUnit::Degrees, 0, 45, 'Rake lies between 0° and 45°.'),
            'fleam' => $read('fleam', DimensionUnit::Degrees, 0, 45, 'Fleam lies between 0° and 45°.'),
            'slope' => $read('slope', DimensionUnit::Degrees, 0, 30, 'Slope lies between 0° and 30°.'),
            'set' => $length('set', 0, 1, 'Set to one side'),
            'plate' => $length('plate', 0.15, 2, 'A plate’s thickness'),
            'length' => $length('length', 50, 1500, 'The toothed edge'),
            'depth' => $length('depth', 5, 300, 'The plate’s depth'),
            'tips' => Figure::count($typed['tips'] ?? ''),
            'over' => $length('over', 5, 1500, 'The counted length'),
            'across' => $length('across', 0.15, 4, 'Across the set teeth'),
        ];

        return new self(self::impossible(self::doubtful($figures, $format), $format));
    }

    public function value(string $name): ?float
    {
        return $this->figures[$name]->error === null ? $this->figures[$name]->value : null;
    }

    /** Pitch by the counted tips, mm: both ends counted, so one pitch less than tips; null: not counted. */
    public static function countedPitch(?float $tips, ?float $overMm): ?float
    {
        return $tips === null || $overMm === null || $tips < 2 ? null : $overMm / ($tips - 1);
    }

    public function isSound(): bool
    {
        return array_filter($this->figures, static fn (Figure $figure): bool => $figure->error !== null) === [];
    }

    /**
     * @param  array<string, Figure>  $figures
     * @return array<string, Figure>
     */
    private static function doubtful(array $figures, LengthFormatter $format): array
    {
        $tpi = $figures['tpi']->value;
        $counted = self::countedPitch($figures['tips']->value, $figures['over']->value);
        if ($tpi !== null && $counted !== null && abs(25.4 / $counted / $tpi - 1) > self::DOUBT_PITCH) {
            $byCount = LengthFormatter::decimal(25.4 / $counted, 1);
            $isPoints = abs(25.4 / $counted - ($tpi - 1)) < 0.25;
            $figures['tpi'] = $figures['tpi']->doubted($isPoints ? "The count says $byCount teeth. Did you type points? They are one more." : "The count says $byCount teeth to the inch.", $byCount);
        }
        [$set, $plate, $across] = [$figures['set']->value, $figures['plate']->value, $figures['across']->value];
        if ($across !== null && $plate !== null) {
            $measured = ($across - $plate) / 2;
            if ($measured < -0.01) {
                $figures['across'] = $figures['across']->refused('Narrower than the plate: measure across the tips of several teeth.');
            } elseif ($set !== null && abs($measured - $set) > self::DOUBT_SET_MM) {
                $figures['set'] = $figures['set']->doubted('Across the teeth it comes to '.$format->small(max(0.0, $measured)).'.', $format->typed(round(max(0.0, $measured), 2)));
            }
        }
        if (($figures['fleam']->value ?? 0) >= 5 && $set === 0.0) {
            $figures['fleam'] = $figures['fleam']->doubted('Fleamed teeth without set bind in the kerf: give them '.$format->small(0.05).' a side at least.', null);
        }

        return $figures;
    }

    /**
     * @param  array<string, Figure>  $figures
     * @return array<string, Figure>
     */
    private static function impossible(array $figures, LengthFormatter $format): array
    {
        [$tpi, $plate, $depth, $set] = array_map(static fn (string $name): ?float => $figures[$name]->value, ['tpi', 'plate', 'depth', 'set']);
        if ($tpi !== null && $plate !== null && 25.4 / $tpi < $plate) {
            $figures['tpi'] = $figures['tpi']->refused('A plate '.$format->small($plate).' thick cannot carry so fine a pitch ('.$format->small(25.4 / $tpi).'): the teeth would be wider than long.');
        } elseif ($tpi !== null && $depth !== null && 0.577 * 25.4 / $tpi > $depth / 3) {
            $figures['tpi'] = $figures['tpi']->refused('Teeth so coarse would take more than a third of a plate '.$format->dimension($depth).' deep.');
        }
        if ($set !== null && $plate !== null && $set > $plate / 2) {
            $figures['set'] = $figures['set']->refused('A set of more than half the plate’s thickness breaks teeth.');
        }

        return $figures;
    }
}
