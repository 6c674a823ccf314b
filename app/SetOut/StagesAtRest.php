<?php

declare(strict_types=1);

namespace App\SetOut;

use App\Bench\Bench;
use Illuminate\Support\Carbon;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Desk\SetOut\SetOutQuestion;

/** Boards that are brought to thickness in stages and rest between them: when each is gone on with. */
final class StagesAtRest
{
    /** @return list<array{SetOut, string}> what rests, and the day its rest is over, ISO 8601 */
    public static function of(Bench $bench): array
    {
        $resting = $hands = [];
        $kept = SetOut::of($bench)->where('question', SetOutQuestion::Stages->value)->with('work')->oldest('id')->get();
        foreach ($kept as $setOut) {
            $numbers = CardOfWork::numbers($setOut->work);
            $form = $setOut->question->answered(
                $setOut->typed,
                [...$numbers->chosen($setOut->question), ...$setOut->choices],
                $hands[$setOut->work->hardness->value ?? ''] ??= HandsOfBench::withoutTools($bench, $setOut->work),
                new LengthFormatter(LengthUnit::Millimetre),
                $numbers->usual($setOut->question),
            );
            $days = $form->answer->restDays ?? null;
            if ($days !== null) {
                $since = $setOut->updated_at?->copy() ?? Carbon::now();
                $resting[] = [$setOut, $since->addDays($days)->toDateString()];
            }
        }

        return $resting;
    }
}
