<?php

declare(strict_types=1);

namespace App\Home;

use App\Bench\Bench;
use App\Home\Answer\BenchesAnswer;
use App\Home\Answer\ListedBenchAnswer;
use App\Http\Created;
use App\Ledger\DiaryEntry;
use App\People\Here;
use App\People\Membership;
use App\People\Shop;
use App\Tool\Tool;
use App\Tool\ToolStatus;
use Illuminate\Database\Eloquent\Collection;

/** The benches on this machine: the demo's, and the user's own. Going to another leaves the first as it is. */
final class BenchesController
{
    public function index(Here $here): BenchesAnswer
    {
        $at = $here->bench->id;
        $benches = self::of($here);

        return new BenchesAnswer(
            benches: array_values(
                $benches
                    ->sortBy(static fn (Bench $bench): bool => $bench->id !== $at)
                    ->map(static fn (Bench $bench): ListedBenchAnswer => self::listed($bench, $at))
                    ->all(),
            ),
        );
    }

    /**
     * An empty bench, and there one is.
     *
     * @return Created<BenchesAnswer>
     */
    public function store(BeginBenchRequest $request, Here $here): Created
    {
        $bench = Membership::beginBench($here->user, trim($request->string('name')->toString()));

        return new Created($this->index($here->at($bench)));
    }

    public function enter(Bench $place, Here $here): BenchesAnswer
    {
        abort_unless(self::of($here)->contains($place), 404);
        $here->user->standAt($place);

        return $this->index($here->at($place));
    }

    /** @return Collection<int, Bench> all of this machine; in a shared shop theirs, on a paired phone that one */
    private static function of(Here $here): Collection
    {
        $benches = Bench::query()->orderBy('id');
        if (Shop::isShared()) {
            $benches->whereIn('id', Membership::query()->where('user_id', $here->user->id)->select('bench_id'));
        }
        if ($here->signIn?->bench_id !== null) {
            $benches->whereKey($here->signIn->bench_id);
        }

        return $benches->get();
    }

    private static function listed(Bench $bench, int $at): ListedBenchAnswer
    {
        return new ListedBenchAnswer(
            id: $bench->id,
            name: $bench->name,
            tools: Tool::of($bench)->where('status', ToolStatus::Owned)->count(),
            entries: DiaryEntry::of($bench)->count(),
            isHere: $bench->id === $at,
        );
    }
}
