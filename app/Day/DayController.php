<?php

declare(strict_types=1);

namespace App\Day;

use App\Bench\Bench;
use App\Day\Answer\DayAnswer;
use App\Edge\Edge;
use App\Http\Created;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Session\Answer\SessionAnswer;
use App\Session\BenchSession;
use App\Session\SessionResource;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;

/** A sharpening day: all edges that are due, stone by stone. */
final class DayController
{
    /** What a sharpening day of these edges would be; with none named, of all that are due. Writes nothing. */
    public function plan(DayRequest $request, Bench $bench, LengthFormatter $format): DayAnswer
    {
        $day = new DayOfBench($bench, $format);
        $all = Edge::of($bench)
            ->get()
            ->toBase()
            ->sortBy(static fn (Edge $edge): array => $edge->order())
            ->values();
        $chosen = $request->edges($bench, $day->due);
        $plan = $day->plan($chosen);

        return DayResource::of(
            $day,
            $all,
            array_values($chosen->map(static fn (Edge $edge): int => $edge->id)->all()),
            $plan,
        );
    }

    /**
     * Takes a sharpening day to the bench.
     *
     * @return Created<SessionAnswer>
     */
    public function start(DayRequest $request, Ledger $ledger, LengthFormatter $format): Created
    {
        $bench = new DayOfBench($ledger->bench, $format);
        $edges = $request->edges($ledger->bench, $bench->due);
        $day = $bench->plan($edges);
        if ($day === null) {
            throw InvalidInput::because('edges', 'Choose an edge first.');
        }
        $count = $bench->count();
        $session = null;
        $ledger->record(
            'honing-started',
            'sharpening day',
            'Began a sharpening day of '.($count === 1 ? '1 edge' : "$count edges").'.',
            static function (Changes $changes) use ($bench, $day, &$session): void {
                $session = $bench->begin($changes, $day);
            },
        );
        assert($session instanceof BenchSession);

        return new Created(SessionResource::of($session));
    }
}
