<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\EdgesOfSession;
use App\Bench\FilingSession;
use App\Bench\MakingSession;
use App\Bench\PlaningSession;
use App\Http\Requests\FinishRequest;
use App\Http\Resources\SessionResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\BenchSession;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;

/** Ends a session: its edges are sharp, or left as they stand; its strokes are planed. Either way the diary has it. */
final class FinishSession
{
    public function __invoke(FinishRequest $request, Ledger $ledger, BenchSession $session): JsonResponse
    {
        abort_if($session->state !== 'running', 409, 'This session has ended already.');
        $done = $request->isDone();
        $session->load('squareTest.square', 'straightTest.straight', 'tool', 'making');
        [$kind, $sentence, $write] = match ($session->purpose()) {
            'planing' => self::planing($session),
            'filing' => self::filing($session, $done),
            'making' => self::making($session, $done),
            default => self::honing($session, $done),
        };
        $ledger->record($kind, $session->name(), $sentence, static function (Changes $changes) use ($session, $done, $request, $write): void {
            $now = Carbon::now()->toIso8601ZuluString();
            $changes->update($session, ['state' => $done ? 'finished' : 'stopped', 'ended_at' => $now], $request->version());
            $write($changes, $now);
        });

        return new JsonResponse(SessionResource::of($session->load('making.tool')));
    }

    /** @return array{string, string, callable(Changes, string): void} */
    private static function honing(BenchSession $session, bool $done): array
    {
        $edges = new EdgesOfSession($session, $done);

        return [$done ? 'honed' : 'honing-stopped', $edges->sentence(), $edges->write(...)];
    }

    /** @return array{string, string, callable(Changes, string): void} */
    private static function filing(BenchSession $session, bool $done): array
    {
        $filing = new FilingSession($session, $done);

        return [$done ? 'filed' : 'filing-stopped', $filing->sentence(), $filing->write(...)];
    }

    /** @return array{string, string, callable(Changes, string): void} */
    private static function making(BenchSession $session, bool $done): array
    {
        $making = new MakingSession($session, $done);

        return ['made-on', $making->sentence(), $making->write(...)];
    }

    /** @return array{string, string, callable(Changes, string): void} */
    private static function planing(BenchSession $session): array
    {
        $planing = new PlaningSession($session);

        return ['planed', $planing->sentence(), static fn (Changes $changes, string $now) => $planing->write($changes)];
    }
}
