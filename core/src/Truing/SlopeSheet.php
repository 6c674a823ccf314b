<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Basis;
use JackRest\Core\Explained;
use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\Figure;
use JackRest\Core\Measure\LengthFormatter;

/**
 * A slope template laid on a straight edge, a line drawn, turned over, a second line drawn.
 *
 * Both lean by the same when the template's foot is square to its slope both ways: rise/run each way round. The mean is
 * the slope, half the difference the template's own lean. On a board of thickness t a tail's wide end is off by
 * 2·t·(tan α − tan α₀); over n joints at worst n times that, likely √n times. Source: plane geometry.
 */
final readonly class SlopeSheet
{
    private const FIELDS = [
        'nominal' => [1.0, 30.0, 'A slope is between 1 in 1 and 1 in 30.'],
        'run' => [5.0, 1000.0, 'Measure along 5 mm to 1 m.'],
        'rise' => [0.1, 500.0, 'A line leans between 0.1 and 500 mm.'],
        'turned' => [0.1, 500.0, 'A line leans between 0.1 and 500 mm.'],
        'thickness' => [1.0, 200.0, 'A board is between 1 and 200 mm thick.'],
        'joints' => [1.0, 200.0, 'Between 1 and 200 joints stand in a row.'],
        'tolerance' => [0.0001, 20.0, 'A tolerance is more than nought and less than 20 mm.'],
    ];

    /** @param  array<string, Figure>  $figures  by FIELDS */
    private function __construct(public array $figures, public ?SlopeTemplateResult $slope, public LengthFormatter $format)
    {
    }

    /** @param  array<string, string>  $typed  nominal and joints are bare numbers, the others lengths */
    public static function of(array $typed, LengthFormatter $format): self
    {
        $figures = self::figures($typed, $format);
        $wrong = array_filter($figures, static fn (Figure $figure): bool => $figure->error !== null);
        $mean = self::mean($figures['rise']->value, $figures['turned']->value);
        $slope = $wrong !== [] || $mean === null || $figures['run']->value === null ? null : (new SlopeTemplate)(new SlopeTemplateInput(riseMm: $mean, runMm: $figures['run']->value, nominalRatio: $figures['nominal']->value));

        return new self($figures, $slope, $format);
    }

    /** How far the two sides of the template differ from their mean, degrees; null: only one is measured. */
    public function leanDeg(): ?float
    {
        [$rise, $turned, $run] = [$this->figures['rise']->value, $this->figures['turned']->value, $this->figures['run']->value];

        return $this->slope === null || $rise === null || $turned === null || $run === null ? null : (rad2deg(atan($rise / $run)) - rad2deg(atan($turned / $run))) / 2;
    }

    /** How far the wide end of one tail is off, mm; null: thickness or nominal slope is not known. */
    public function tailErrorMm(): ?float
    {
        [$thickness, $nominal] = [$this->figures['thickness']->value, $this->figures['nominal']->value];

        return $this->slope === null || $thickness === null || $nominal === null ? null : 2 * $thickness * (1 / $this->slope->ratio - 1 / $nominal);
    }

    /** @return array{says: string, why: string} */
    public function next(): array
    {
        if ($this->slope === null) {
            return array_filter($this->figures, static fn (Figure $figure): bool => $figure->error !== null) === []
                ? ['says' => 'Draw along the template, measure how far the line leans over its length.', 'why' => 'Then turn the template over and draw again: both ways round should lean alike.']
                : ['says' => 'Mend the figure marked in red.', 'why' => 'Everything else you typed stays as it is.'];
        }
        $error = $this->tailErrorMm();
        $tolerance = $this->figures['tolerance']->value;
        $joints = (int) max(1, $this->figures['joints']->value ?? 1);
        if ($error === null || $tolerance === null) {
            return ['says' => 'It slopes 1 in '.LengthFormatter::decimal($this->slope->ratio, 2).', '.LengthFormatter::decimal($this->slope->angleDeg, 2).'°.', 'why' => 'With the slope it should have and the board’s thickness, its error is known too.'];
        }
        $worst = abs($error) * $joints;

        return abs($error) <= $tolerance
            ? ['says' => 'Use it: each tail is within '.$this->format->small($tolerance).'.', 'why' => $this->stack($error, $joints)]
            : ['says' => 'Plane it '.($error > 0 ? 'flatter' : 'steeper').': take '.$this->format->small($this->atTheEndMm()).' off the '.($error > 0 ? 'far' : 'near').' end of its slope, running out to nothing at the other.', 'why' => $this->stack($error, $joints).($worst > 10 * $tolerance ? ' A new one is as quick.' : '')];
    }

    /** What comes off one end of the slope over the length measured, mm. */
    public function atTheEndMm(): float
    {
        [$run, $nominal] = [$this->figures['run']->value ?? 0.0, $this->figures['nominal']->value ?? 1.0];

        return $this->slope === null ? 0.0 : $run * abs(1 / $this->slope->ratio - 1 / $nominal);
    }

    /** @return list<Explained> */
    public function explained(): array
    {
        return $this->slope === null ? [] : [new Explained(
            'How steep is it?',
            'angle = atan(mean rise ÷ run); a tail is off by 2 · thickness · (tan α − tan α₀)',
            LengthFormatter::decimal($this->slope->angleDeg, 3).'°, 1 in '.LengthFormatter::decimal($this->slope->ratio, 2),
            Basis::CommonPractice,
            'Plane geometry.',
        )];
    }

    private function stack(float $error, int $joints): string
    {
        $one = 'Each tail is '.$this->format->small(abs($error)).' too '.($error > 0 ? 'wide' : 'narrow').' at its wide end';

        return $joints === 1 ? "$one." : "$one; over $joints in a row ".$this->format->small(abs($error) * sqrt($joints)).' likely, '.$this->format->small(abs($error) * $joints).' at worst.';
    }

    /**
     * @param  array<string, string>  $typed
     * @return array<string, Figure> by FIELDS
     */
    private static function figures(array $typed, LengthFormatter $format): array
    {
        $figures = [];
        foreach (self::FIELDS as $field => [$least, $most, $says]) {
            $figures[$field] = self::figure($field, $typed[$field] ?? '', $format)->within($least, $most, $says);
        }

        return $figures;
    }

    private static function figure(string $field, string $typed, LengthFormatter $format): Figure
    {
        return match ($field) {
            'joints' => Figure::count($typed),
            'nominal' => self::ratio($typed),
            default => Figure::of($typed, DimensionUnit::Length, $format),
        };
    }

    /** Typed as 7 or as 1:7. */
    private static function ratio(string $typed): Figure
    {
        $bare = str_replace(',', '.', (string) preg_replace('/^\s*1\s*:\s*/', '', trim($typed)));

        return match (true) {
            $bare === '' => Figure::count(''),
            is_numeric($bare) && is_finite((float) $bare) => Figure::read($typed, (float) $bare),
            default => Figure::unread($typed, 'Type a slope such as 7 or 1:7.'),
        };
    }

    private static function mean(?float $rise, ?float $turned): ?float
    {
        return $rise === null ? $turned : ($turned === null ? $rise : ($rise + $turned) / 2);
    }
}
