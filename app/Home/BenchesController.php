<?php

declare(strict_types=1);

namespace App\Home;

use App\Bench\Bench;
use App\Home\Answer\BenchesAnswer;
use App\Http\Created;
use App\People\Here;
use App\People\Membership;

/** The benches on this machine: the demo's, and the user's own. Going to another leaves the first as it is. */
final class BenchesController
{
    public function index(Here $here): BenchesAnswer
    {
        return BenchesOfHere::answer($here);
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
        abort_unless(BenchesOfHere::of($here)->contains($place), 404);
        $here->user->standAt($place);

        return $this->index($here->at($place));
    }
}
