<?php

declare(strict_types=1);

namespace App\Eye;

use App\Bench\Bench;
use App\Eye\Answer\EyeAnswer;
use App\Eye\Answer\EyeExerciseAnswer;
use App\Eye\Answer\EyeRunAnswer;
use App\Http\Answer\NextAnswer;
use App\Http\Answer\WordAnswer;
use Illuminate\Support\Carbon;
use JackRest\Core\Eye\Exercise;
use JackRest\Core\Eye\Kerf;
use JackRest\Core\Eye\ShownCase;
use JackRest\Core\Eye\Sight;
use JackRest\Core\Eye\ToldCase;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Eye\EyeDrawing;
use JackRest\Desk\Eye\EyeWords;

/** Exercises of the eye as they are shown. */
final class EyeResource
{
    private const USUAL_DISTANCE_MM = 500.0;

    public static function all(Bench $bench, LengthFormatter $format): EyeAnswer
    {
        $last = SeenByEye::last($bench);
        $old = SeenByEye::old($bench);
        $open = EyeRun::of($bench)->whereNull('ended_at')->oldest('id')->get()
            ->keyBy(static fn (EyeRun $run): string => $run->exercise->value);

        return new EyeAnswer(
            exercises: array_map(static function (Exercise $exercise) use (
                $last,
                $old,
                $open,
                $format,
            ): EyeExerciseAnswer {
                $run = $last->get($exercise->value);

                return new EyeExerciseAnswer(
                    exercise: $exercise,
                    label: ucfirst($exercise->label()),
                    says: EyeWords::says($exercise),
                    seen: $run === null ? null : self::found($run, $format),
                    counts: EyeWords::counts($exercise),
                    on: $run === null ? null : Carbon::parse((string) $run->ended_at)->format('j F Y'),
                    isDrawn: $exercise->isSeen(),
                    isOld: in_array($exercise, $old, true),
                    open: $open->get($exercise->value)?->id,
                );
            }, Exercise::cases()),
            cardMm: Sight::CARD_MM,
            distance: $format->dimension(self::USUAL_DISTANCE_MM),
            next: self::next($last->has(Exercise::Rule->value), $old),
        );
    }

    public static function run(EyeRun $run, LengthFormatter $format): EyeRunAnswer
    {
        $case = $run->shown();
        $answered = count($run->trials);
        $judged = $case !== null && $run->exercise->isJudged()
            ? ToldCase::of($run->exercise, $run->seed, $answered)
            : null;

        return new EyeRunAnswer(
            id: $run->id,
            version: $run->version,
            exercise: $run->exercise,
            asks: EyeWords::asks($run->exercise),
            choices: array_map(
                static fn (string $choice): WordAnswer => new WordAnswer(
                    $choice,
                    $case === null || $judged === null
                        ? EyeWords::choice($choice)
                        : EyeWords::answers($case, $judged)[$choice],
                ),
                $run->exercise->choices(),
            ),
            told: $judged === null ? '' : EyeWords::told($run->exercise, $judged, $format),
            marks: match (true) {
                $case === null => [],
                $run->exercise === Exercise::Kerf => EyeDrawing::kerf($run->kerf()),
                default => EyeDrawing::of($case, $run->sight()),
            },
            pxPerMm: $run->px_per_mm,
            answered: $answered,
            of: EyeRun::CASES,
            said: self::said($run, $format),
            isWrong: $run->exercise !== Exercise::Kerf && ($run->trials[$answered - 1]['right'] ?? true) === false,
            seen: $run->ended_at === null ? null : self::found($run, $format),
            counts: EyeWords::counts($run->exercise),
        );
    }

    /** What an ended run tells. */
    public static function found(EyeRun $run, LengthFormatter $format): string
    {
        $right = count(array_filter($run->trials, static fn (array $trial): bool => $trial['right']));

        return match (true) {
            $run->seen !== null => EyeWords::seen(
                $run->seen,
                (float) $run->seen_low,
                (float) $run->seen_high,
                $format,
            ),
            $run->exercise === Exercise::Kerf => EyeWords::sawn(
                $run->kerf(),
                Kerf::of($run->seed, array_fill(0, count($run->trials), 'straight')),
                $format,
            ),
            default => EyeWords::right($right, EyeRun::CASES),
        };
    }

    /** What is said of the last answer; empty: there was none. */
    private static function said(EyeRun $run, LengthFormatter $format): string
    {
        $number = count($run->trials) - 1;
        $last = $run->trials[$number] ?? null;

        return match (true) {
            $last === null => '',
            $run->exercise === Exercise::Kerf => EyeWords::off($run->kerf(), $format),
            $last['right'] => '✓ Right.',
            default => '✗ It was: '.lcfirst(self::was($run, $number, (float) $last['size'])).'.',
        };
    }

    /** What was right. */
    private static function was(EyeRun $run, int $number, float $size): string
    {
        $case = ShownCase::of($run->exercise, $run->seed, $number, $size);

        return $run->exercise->isJudged()
            ? EyeWords::answers($case, ToldCase::of($run->exercise, $run->seed, $number))[$case->truth]
            : EyeWords::choice($case->truth);
    }

    /** @param  list<Exercise>  $old */
    private static function next(bool $isKnown, array $old): NextAnswer
    {
        return match (true) {
            $old !== [] => new NextAnswer(
                says: 'Look again: '.$old[0]->label().'.',
                why: 'What was found is older than three months.',
            ),
            $isKnown => new NextAnswer(
                says: 'Your eye is known.',
                why: 'Its readings count as fine as it sees, until your own repeats say otherwise.',
            ),
            default => new NextAnswer(
                says: 'Hold a bank card to the screen, and see how finely you read.',
                why: 'Two dozen cases, three minutes. What you see reliably becomes the resolution of your readings.',
            ),
        };
    }
}
