<?php

declare(strict_types=1);

namespace App\Home;

use App\Bench\Bench;
use App\Bench\User;
use App\Home\Answer\BenchesAnswer;
use App\Home\Answer\ListedBenchAnswer;
use App\Http\Created;
use App\Ledger\DiaryEntry;
use App\Tool\Tool;
use App\Tool\ToolStatus;

/** The benches on this machine: the demo's, and the user's own. Going to another leaves the first as it is. */
final class BenchesController
{
    public function index(User $user): BenchesAnswer
    {
        $benches = Bench::query()->orderBy('id')->get();

        return new BenchesAnswer(
            benches: array_values(
                $benches
                    ->sortBy(static fn (Bench $bench): bool => $bench->id !== $user->bench->id)
                    ->map(static fn (Bench $bench): ListedBenchAnswer => self::listed($bench, $user))
                    ->all(),
            ),
        );
    }

    /**
     * An empty bench, and there one is.
     *
     * @return Created<BenchesAnswer>
     */
    public function store(BeginBenchRequest $request, User $user): Created
    {
        $user->beginBench(trim($request->string('name')->toString()));

        return new Created($this->index($user->refresh()));
    }

    public function enter(Bench $place, User $user): BenchesAnswer
    {
        $user->standAt($place);

        return $this->index($user->refresh());
    }

    private static function listed(Bench $bench, User $user): ListedBenchAnswer
    {
        return new ListedBenchAnswer(
            id: $bench->id,
            name: $bench->name,
            tools: Tool::of($bench)->where('status', ToolStatus::Owned)->count(),
            entries: DiaryEntry::of($bench)->count(),
            isHere: $bench->id === $user->bench->id,
        );
    }
}
