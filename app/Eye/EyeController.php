<?php

declare(strict_types=1);

namespace App\Eye;

use App\Bench\Bench;
use App\Eye\Answer\EyeAnswer;
use App\Eye\Answer\EyeRunAnswer;
use App\Http\Created;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use Illuminate\Support\Carbon;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Eye\SeenError;
use JackRest\Core\Eye\Trial;
use JackRest\Core\Measure\LengthFormatter;

/** Exercises that find the smallest error an eye sees reliably. */
final class EyeController
{
    public function index(Bench $bench, LengthFormatter $format): EyeAnswer
    {
        return EyeResource::all($bench, $format);
    }

    /** @return Created<EyeRunAnswer> */
    public function store(
        EyeRunRequest $request,
        Ledger $ledger,
        string $exercise,
        LengthFormatter $format,
    ): Created {
        $asked = EyeRunRequest::exercise($exercise);
        $sight = $request->sight($format);
        $run = null;
        $ledger->save(static function (Changes $changes) use ($asked, $sight, &$run): void {
            $run = $changes->create(EyeRun::of($changes->bench), [
                'exercise' => $asked,
                'seed' => random_int(1, 1_000_000),
                'distance_mm' => $sight->distanceMm,
                'px_per_mm' => $sight->pxPerMm,
                'trials' => [],
            ]);
        });
        assert($run instanceof EyeRun);

        return new Created(EyeResource::run($run->refresh(), $format));
    }

    public function show(EyeRun $eyeRun, LengthFormatter $format): EyeRunAnswer
    {
        return EyeResource::run($eyeRun, $format);
    }

    /** Each answer is saved; the last of them tells what was found. */
    public function answer(
        EyeChoiceRequest $request,
        Ledger $ledger,
        EyeRun $eyeRun,
        LengthFormatter $format,
    ): EyeRunAnswer {
        $case = $eyeRun->shown() ?? abort(409, 'This exercise has ended already.');
        if (! in_array($request->choice(), $case->exercise->choices(), true)) {
            throw InvalidInput::because('choice', 'That was not among the answers.');
        }
        $trials = [...$eyeRun->trials, [
            'size' => $case->size,
            'right' => $request->choice() === $case->truth,
            'choice' => $request->choice(),
        ]];
        if (count($trials) < EyeRun::CASES) {
            $ledger->save(static function (Changes $changes) use ($eyeRun, $trials, $request): void {
                $changes->update($eyeRun, ['trials' => $trials], $request->version());
            });
        } else {
            $this->end($ledger, $eyeRun, $trials, $request->version(), $format);
        }

        return EyeResource::run($eyeRun, $format);
    }

    /** @param  list<array{size: float|int, right: bool, choice?: string}>  $trials */
    private function end(Ledger $ledger, EyeRun $run, array $trials, int $version, LengthFormatter $format): void
    {
        $all = array_map(
            static fn (array $trial): Trial => new Trial((float) $trial['size'], $trial['right']),
            $trials,
        );
        $before = EyeRun::of($ledger->bench)->where('exercise', $run->exercise)->whereNotNull('ended_at')
            ->where('ended_at', '>', Carbon::now()->subDays(SeenByEye::OLD_DAYS)->toIso8601ZuluString())
            ->latest('ended_at')->latest('id')->limit(SeenByEye::TOGETHER - 1)->get();
        foreach ($before as $earlier) {
            $all = [...$earlier->answered(), ...$all];
        }
        $seen = $run->exercise->isSeen() ? SeenError::of($all, $run->exercise->guessed()) : null;
        $ended = $run->replicate()->fill([
            'trials' => $trials,
            'seen' => $seen?->size,
            'seen_low' => $seen?->low,
            'seen_high' => $seen?->high,
        ]);
        $says = ucfirst($run->exercise->label()).'. '.EyeResource::found($ended, $format);
        $ledger->record('eye-trained', 'eye', $says, static function (Changes $changes) use (
            $run,
            $trials,
            $seen,
            $version,
        ): void {
            $changes->update($run, [
                'trials' => $trials,
                'seen' => $seen?->size,
                'seen_low' => $seen?->low,
                'seen_high' => $seen?->high,
                'ended_at' => Carbon::now()->toIso8601ZuluString(),
            ], $version);
        });
    }
}
