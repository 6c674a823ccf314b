<?php

declare(strict_types=1);

namespace JackRest\Desk\Timber;

use JackRest\Core\Basis;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Timber\WoodMovement;
use JackRest\Core\Timber\WoodMovementInput;
use JackRest\Core\Timber\WoodMovementResult;
use JackRest\Core\Timber\WoodState;
use JackRest\Desk\Explanation;
use JackRest\Desk\Measure\Figure;

/** A piece of wood between two airs, as far as it was described. */
final readonly class WoodMovementForm
{
    /** A square is warned of from this on, mm over its own length; from memory. */
    private const SHOWS_MM = 0.1;

    /** @param  array<string, Figure>  $figures  ring, width, length, runout; tempBefore, rhBefore, mcBefore and the same after */
    private function __construct(public array $figures, public string $species, public ?WoodMovementResult $movement, private LengthFormatter $format)
    {
    }

    /** @param  array<string, string>  $typed */
    public static function of(string $species, array $typed, LengthFormatter $format): self
    {
        $degrees = static fn (string $name, float $most, string $complaint): Figure => Figure::of($typed[$name] ?? '', DimensionUnit::Degrees, $format)->within(0, $most, $complaint);
        $length = static fn (string $name): Figure => Figure::of($typed[$name] ?? '', DimensionUnit::Length, $format)->within(1, 10000, 'Between '.$format->dimension(1).' and '.$format->dimension(10000).'.');
        $figures = [
            'ring' => $degrees('ring', 90, 'Rings lie between 0° (flatsawn) and 90° (quartersawn).'),
            'width' => $length('width'),
            'length' => $length('length'),
            'runout' => $degrees('runout', 45, 'Grain that runs out by more than 45° is end grain.'),
        ];
        foreach (['Before', 'After'] as $when) {
            $figures["temp$when"] = TypedAir::temperature($typed["temp$when"] ?? '');
            $figures["rh$when"] = TypedAir::percent($typed["rh$when"] ?? '', 100, 'Humidity lies between 0 and 100 %.');
            $figures["mc$when"] = TypedAir::percent($typed["mc$when"] ?? '', 30, 'Above 30 % wood does not move: its fibres are saturated.');
        }
        $value = static fn (string $name): ?float => $figures[$name]->error === null ? $figures[$name]->value : null;
        $states = array_map(static fn (string $when): ?WoodState => self::state($value("mc$when"), $value("temp$when"), $value("rh$when")), ['Before', 'After']);
        [$ring, $width, $length, $runout] = array_map($value, ['ring', 'width', 'length', 'runout']);
        try {
            $movement = $width === null || $states[0] === null || $states[1] === null ? null : (new WoodMovement)(new WoodMovementInput($ring ?? 0.0, $width, $states[0], $states[1], $species, grainRunoutDeg: $runout ?? 0.0, lengthMm: $length));
        } catch (InvalidInput) {
            $movement = null;
        }

        return new self($figures, $species, $movement, $format);
    }

    /** @return array{says: string, why: string} */
    public function next(): array
    {
        $movement = $this->movement;
        if ($movement === null) {
            return ['says' => 'Say how wide the piece is, and both airs.', 'why' => 'By temperature and humidity, or by a moisture meter.'];
        }
        $change = abs($movement->changeMm);
        $way = $movement->changeMm < 0 ? 'shrinks' : 'grows';
        $edge = abs($movement->edgeErrorMm ?? 0.0);

        return [
            'says' => $change < 0.005 ? 'It stays as it is.' : "It $way {$this->format->small($change)} in its width.",
            'why' => match (true) {
                $edge >= self::SHOWS_MM => 'Its edge turns by '.$this->format->small($edge).' over its length: test it again before you trust it.',
                $movement->edgeErrorMm !== null => 'Its edge turns by '.$this->format->small($edge).' over its length: less than the work will show.',
                default => 'With its length and the grain’s run-out it is told how far an edge turns.',
            },
        ];
    }

    /** @return list<string> */
    public function lines(): array
    {
        $movement = $this->movement;
        if ($movement === null) {
            return [];
        }
        $pct = static fn (float $value): string => LengthFormatter::decimal($value, 1).' %';

        return [
            "The wood goes from {$pct($movement->fromMcPct)} to {$pct($movement->toMcPct)} of moisture, in time.",
            'A square cut in it changes by '.LengthFormatter::decimal(abs($movement->squareChangeDeg), 3).'°.',
            ...$movement->warnings,
        ];
    }

    /** @return list<Explanation> */
    public function how(): array
    {
        $movement = $this->movement;

        return $movement === null ? [] : [
            new Explanation('How much does it move?', 'width · coefficient · change of moisture', $this->format->dimension((float) $this->figures['width']->value).' · '.LengthFormatter::decimal($movement->coefficientPerPct, 5).' · '.LengthFormatter::decimal($movement->toMcPct - $movement->fromMcPct, 1).' = '.$this->format->small($movement->changeMm), Basis::Published, 'Wood Handbook, USDA Forest Products Laboratory; shrinkages quoted from memory'),
        ];
    }

    private static function state(?float $mc, ?float $temp, ?float $rh): ?WoodState
    {
        return match (true) {
            $mc !== null => new WoodState($mc),
            $temp !== null && $rh !== null => new WoodState(null, $temp, $rh),
            default => null,
        };
    }
}
