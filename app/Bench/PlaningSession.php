<?php

declare(strict_types=1);

namespace App\Bench;

use App\Ledger\Changes;
use App\Models\BenchSession;
use App\Models\Square;
use App\Models\Straight;
use JackRest\Desk\Truing\PlaningStep;

/** Strokes that correct a reference, as bench mode walks them, and what they leave on record. */
final readonly class PlaningSession
{
    /**
     * @param  list<PlaningStep>  $steps
     * @param  array{square_test_id?: int, straight_test_id?: int}  $test
     * @return array<string, mixed>
     */
    public static function columns(string $name, array $steps, array $test): array
    {
        return SessionOfPlan::columns('planing', array_map(static fn (PlaningStep $step): array => [
            'stone' => $step->says, 'particleUm' => 0.0, 'kind' => 'plane', 'strokes' => $step->strokes, 'seconds' => $step->seconds, 'see' => '', 'fromMm' => $step->fromMm, 'toMm' => $step->toMm,
        ], $steps), [], $name) + $test;
    }

    public function __construct(private BenchSession $session)
    {
    }

    /** Writes down what was really counted, whether to the end or not. */
    public function write(Changes $changes): void
    {
        $reference = $this->session->reference();
        if ($this->counted() === 0 || $reference === null) {
            return;
        }
        $reference instanceof Square ? $this->square($changes, $reference) : $this->straight($changes, $reference);
    }

    public function sentence(): string
    {
        $count = $this->counted();

        return match ($count) {
            0 => "Planed nothing off the {$this->session->title}.",
            1 => "Planed 1 stroke off the {$this->session->title}. Test it again.",
            default => "Planed $count strokes off the {$this->session->title}. Test it again.",
        };
    }

    private function counted(): int
    {
        return array_sum($this->session->counted);
    }

    private function square(Changes $changes, Square $square): void
    {
        $test = $this->session->squareTest;
        assert($test !== null);
        $end = $test->error_mm > 0 === ($test->edge === 'outer') ? 'heel' : 'tip';
        $changes->update($test, ['shavings_taken' => $this->counted(), 'taken_off_at' => $end]);
        $changes->update($square, ['blade_width_mm' => $square->blade_width_mm - $this->counted() * $square->shaving_mm]);
    }

    private function straight(Changes $changes, Straight $straight): void
    {
        $test = $this->session->straightTest;
        assert($test !== null);
        /** @var list<int|float> $stations */
        $stations = $test->readings['stationsMm'] ?? [];
        $done = array_map(static fn (array $step, int $counted): array => ['fromMm' => (float) ($step['fromMm'] ?? 0.0), 'toMm' => (float) ($step['toMm'] ?? 0.0), 'counted' => $counted], $this->session->steps, $this->session->counted);
        $shavings = PlaningStep::shavings($done, array_map(floatval(...), $stations));
        $changes->update($test, ['strokes_taken' => $this->counted(), 'readings' => [...$test->readings, 'shavings' => $shavings]]);
        if ($straight->height_mm !== null) {
            $changes->update($straight, ['height_mm' => $straight->height_mm - max([0, ...$shavings]) * $straight->shaving_mm]);
        }
    }
}
