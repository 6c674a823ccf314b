<?php

declare(strict_types=1);

namespace App\SetOut;

use App\Ledger\Changes;
use App\Session\BenchSession;
use App\Session\SessionEnd;
use JackRest\Desk\Session\SessionStep;

/** Something cut to a number: what was counted stands in the diary. */
final readonly class CuttingEnd implements SessionEnd
{
    public function __construct(private BenchSession $session, private bool $isDone)
    {
    }

    public function entryKind(): string
    {
        return $this->isDone ? 'work-cut' : 'work-cut-stopped';
    }

    public function sentence(): string
    {
        $did = $this->isDone ? 'Cut' : 'Stopped cutting';
        $counted = array_filter(
            array_map(
                static fn (SessionStep $step, int $count): ?string => $count === 0
                    ? null
                    : "$count {$step->of} with the {$step->title}",
                $this->session->walked(),
                $this->session->counted,
            ),
            is_string(...),
        );

        return "$did the {$this->session->title}: ".($counted === [] ? 'nothing counted' : implode(', ', $counted)).'.';
    }

    public function write(Changes $changes, string $now): void
    {
        // What was set out stays as it is: another piece may be cut to the same numbers.
    }
}
