<?php

declare(strict_types=1);

namespace App\Reference;

use App\Ledger\Changes;
use App\Session\BenchSession;
use App\Session\SessionEnd;
use JackRest\Desk\Session\SessionStep;

/** Strokes that correct a reference: what was really counted stands beside its test, to the end or not. */
final readonly class PlaningEnd implements SessionEnd
{
    public function __construct(private BenchSession $session)
    {
    }

    public function entryKind(): string
    {
        return 'planed';
    }

    public function sentence(): string
    {
        $name = $this->session->title;

        $did = $this->session->walked()[0]->isRubbed() ? 'Rubbed' : 'Planed';

        return match ($this->counted()) {
            0 => "$did nothing off the $name.",
            1 => "$did 1 stroke off the $name. Test it again.",
            default => "$did {$this->counted()} strokes off the $name. Test it again.",
        };
    }

    public function write(Changes $changes, string $now): void
    {
        $test = $this->session->subject;
        if ($this->counted() === 0 || ! $test instanceof ReferenceTest) {
            return;
        }
        $done = array_map(static fn (SessionStep $step, int $counted): array => [
            'fromMm' => $step->fromMm ?? 0.0, 'toMm' => $step->toMm ?? 0.0, 'counted' => $counted,
        ], $this->session->walked(), $this->session->counted);
        if ($done === []) {
            return;
        }
        $reference = $test->reference;
        $correction = $reference->kind->reference()->corrected($test->facts, $reference->sizesNow(), $done);
        $changes->update($test, ReferenceTest::corrected($correction, $test->facts));
        if ($correction->sizes !== []) {
            $changes->update($reference, ['sizes' => [...$reference->sizes, ...$correction->sizes]]);
        }
    }

    private function counted(): int
    {
        return array_sum($this->session->counted);
    }
}
