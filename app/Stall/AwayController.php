<?php

declare(strict_types=1);

namespace App\Stall;

use App\Bench\Bench;
use App\Http\Created;
use App\Ledger\Ledger;
use App\Stall\Answer\AwayAnswer;
use App\Stall\Answer\LookAnswer;
use JackRest\Core\Measure\LengthFormatter;

/** The stall without connection: what a phone takes along, and what it brings back. */
final class AwayController
{
    /** Every kind that can be looked over, its checks, and the most to offer however they turn out. */
    public function show(Bench $bench, LengthFormatter $format): AwayAnswer
    {
        return AwayResource::all($bench, $format);
    }

    /**
     * A look-over that was made there; it goes on from where it stands.
     *
     * @return Created<LookAnswer>
     */
    public function bring(BroughtLookRequest $request, Ledger $ledger, LengthFormatter $format): Created
    {
        $columns = [...LookOver::begun($request->kind(), $ledger->bench), ...$request->columns()];
        $look = (new BroughtLook($columns, $format))->write($ledger, $request->state(), $request->price());

        return new Created(LookOverResource::page($look->refresh()->load('photos'), $format));
    }
}
