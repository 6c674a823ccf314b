<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\DayOfBench;
use App\Http\Requests\DayRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Session\BenchSession;
use App\Session\SessionResource;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;

/** Takes a sharpening day to the bench. */
final class StartDay
{
    public function __invoke(DayRequest $request, Ledger $ledger, LengthFormatter $format): JsonResponse
    {
        $bench = new DayOfBench($ledger->bench, $format);
        $edges = $request->edges($ledger->bench, $bench->due);
        $day = $bench->plan($edges);
        if ($day === null) {
            throw InvalidInput::because('edges', 'Choose an edge first.');
        }
        $count = $bench->count();
        $session = null;
        $ledger->record('honing-started', 'sharpening day', 'Began a sharpening day of '.($count === 1 ? '1 edge' : "$count edges").'.', static function (Changes $changes) use ($bench, $day, &$session): void {
            $session = $bench->begin($changes, $day);
        });
        assert($session instanceof BenchSession);

        return new JsonResponse(SessionResource::of($session), 201);
    }
}
