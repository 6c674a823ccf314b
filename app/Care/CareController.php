<?php

declare(strict_types=1);

namespace App\Care;

use App\Bench\Answer\BenchAnswer;
use App\Bench\Bench;
use App\Bench\BenchController;
use App\Bench\RecurringOfBench;
use App\Care\Answer\CareAnswer;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use JackRest\Core\Measure\LengthFormatter;

/** What the kit wants besides sharpening. */
final class CareController
{
    public function show(Bench $bench): CareAnswer
    {
        return CareResource::of($bench);
    }

    /** How damp the shop is: rust is looked after by it. */
    public function damp(DampRequest $request, Ledger $ledger): CareAnswer
    {
        $damp = $request->damp();
        $ledger->record('damp', 'shop', "The shop’s air is {$damp->label()}.", static function (Changes $changes) use (
            $damp,
        ): void {
            $settings =
                $changes->bench->kitSettings()->first() ??
                $changes->create($changes->bench->kitSettings(), ['answers' => [], 'overrules' => []]);
            $changes->update($settings, ['damp' => $damp]);
        });

        return $this->show($ledger->bench);
    }

    /** One tap: a small thing is done. */
    public function done(Ledger $ledger, string $key, LengthFormatter $format): BenchAnswer
    {
        (new RecurringOfBench($ledger->bench))->done($ledger, $key);

        return (new BenchController())->show($ledger->bench, $format);
    }
}
