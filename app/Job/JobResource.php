<?php

declare(strict_types=1);

namespace App\Job;

use App\Bench\Bench;
use App\Http\Answer\FieldAnswer;
use App\Http\Answer\NextAnswer;
use App\Job\Answer\JobAnswer;
use App\Job\Answer\JobAskAnswer;
use App\Job\Answer\JobKindAnswer;
use App\Job\Answer\JobLineAnswer;
use App\Job\Answer\JobPhaseAnswer;
use App\Job\Answer\JobPreviewAnswer;
use App\Job\Answer\JobRestAnswer;
use App\Job\Answer\JobRowAnswer;
use App\Photo\Answer\PhotoAnswer;
use App\Photo\Photo;
use App\Work\Work;
use Illuminate\Support\Carbon;
use JackRest\Core\Care\Stock;
use JackRest\Core\Job\Pace;
use JackRest\Core\Job\PartCount;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Count;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;
use JackRest\Desk\HowLong;
use JackRest\Desk\Job\JobDays;
use JackRest\Desk\Job\JobForm;
use JackRest\Desk\Job\JobLines;
use JackRest\Desk\Job\JobStep;
use JackRest\Desk\Job\JobUseWords;
use JackRest\Desk\Job\JobWords;

/** A work as it is made: what is asked before, its plan, where it stands, what it came to. */
final class JobResource
{
    public static function ask(Bench $bench, Work $work, PartCount $parts, LengthFormatter $format): JobAskAnswer
    {
        return new JobAskAnswer(
            work: $work->id,
            name: $work->name,
            fields: array_map(
                static fn (FormField $field): FieldAnswer => FieldAnswer::of(
                    $field->inFront(),
                    $format,
                    $field->begins === null ? '' : $field->typed($field->begins, $format),
                ),
                JobForm::fields($parts),
            ),
            jobs: array_values(
                WorkJob::of($bench)->where('work_id', $work->id)->with('work', 'times')->latest('id')->get()
                    ->map(static fn (WorkJob $job): JobLineAnswer => new JobLineAnswer(
                        id: $job->id,
                        name: $job->name,
                        says: self::standing($job),
                        isMade: $job->state === WorkJob::MADE,
                    ))
                    ->all(),
            ),
        );
    }

    /**
     * @param  array<string, Pace>  $paces
     * @param  list<string>  $doubts
     * @param  list<Stock>  $stocks
     */
    public static function preview(
        JobForm $form,
        ?string $due,
        array $paces,
        array $doubts,
        array $stocks,
        LengthFormatter $format,
    ): JobPreviewAnswer {
        $steps = $form->book->steps ?? [];
        $minutes = array_map(static fn (JobStep $step): float => $step->minutes, $steps);
        $today = Carbon::now()->toDateString();
        $waits = array_fill(0, (int) ceil($form->pieces() / $form->batch()), (float) $form->woodDays());
        $days = $steps === [] ? null : JobDays::of($steps, $minutes, $form->minutesPerDay(), $waits, $today);
        [$kinds, $of] = self::kinds($steps);

        return new JobPreviewAnswer(
            figures: $form->form->readings,
            kinds: $kinds,
            rows: array_map(
                static fn (JobStep $step, int $at): JobRowAnswer => self::row(
                    $step, $of[$at], 0, null, self::day($days->ends[$at] ?? null), $at === 0 ? 'next' : 'later',
                ),
                $steps,
                array_keys($steps),
            ),
            lines: $form->book === null || $days === null ? [] : JobLines::said([
                ...self::done($form, $days, $due),
                ...JobLines::of($form->book, $paces, $doubts),
                (new JobUseWords($format))->forecast(JobUseWords::of($steps, $days->ends), $stocks),
            ]),
            next: NextAnswer::of($form->next),
        );
    }

    /** @return list<string|null> when it is done; while a tool is lacking nobody knows how long its step takes */
    private static function done(JobForm $form, JobDays $days, ?string $due): array
    {
        $lacking = count($form->book?->lacking() ?? []);

        return $lacking > 0
            ? [Count::of($lacking, 'operation').' cannot be done yet, so no finishing day can be given.']
            : [
                'At that many hours a week it is done on '.self::day($days->day).'.',
                $days->byDate($due, $form->book->steps ?? [], $form->pieces(), $form->batch()),
            ];
    }

    /** @param  array<string, Pace>  $paces */
    public static function of(WorkJob $job, array $paces, LengthFormatter $format): JobAnswer
    {
        $now = Carbon::now();
        $standing = new JobStanding($job, $paces, $now->toIso8601ZuluString(), $format->unit);
        [$kinds, $of] = self::kinds($standing->plan);

        return new JobAnswer(
            id: $job->id,
            version: $job->version,
            work: $job->work_id,
            name: $job->name,
            says: Count::of($job->pieces, 'piece').($job->batch < $job->pieces ? ", $job->batch at a time" : '').
                ', '.LengthFormatter::decimal($job->hours, 1).' hours a week.',
            kinds: $kinds,
            rows: array_map(
                static fn (JobStep $step, int $at): JobRowAnswer => self::row(
                    $step,
                    $of[$at],
                    $job->done[$at] ?? 0,
                    ($job->seconds[$at] ?? 0) > 0 ? round($job->seconds[$at] / 60, 1) : null,
                    self::day($standing->days[$at] ?? null),
                    $standing->stateOf($at),
                ),
                $standing->plan,
                array_keys($standing->plan),
            ),
            lines: JobLines::said([
                ...$standing->lines(),
                (new JobUseWords($format))->taken($standing->use()),
            ]),
            phases: array_map(
                static fn (string $phase, array $sum): JobPhaseAnswer => new JobPhaseAnswer(
                    phase: $phase,
                    planned: HowLong::of($sum[0]),
                    took: $sum[1] > 0 ? HowLong::of($sum[1]) : '',
                ),
                array_keys($standing->phases()),
                array_values($standing->phases()),
            ),
            donePct: round(100 * $standing->share(), 1),
            isMade: $job->state === WorkJob::MADE,
            isHeld: $standing->isHeld(),
            restsUntil: $standing->restsUntil(),
            rests: array_map(
                static fn (array $rest): JobRestAnswer => new JobRestAnswer(says: $rest[0], until: $rest[1]),
                $standing->rests(),
            ),
            photos: array_values($job->photos->map(static fn (Photo $photo): PhotoAnswer => PhotoAnswer::of(
                $photo,
                ($standing->plan[$photo->step ?? -1]->title ?? $job->name).', '.self::day((string) $photo->created_at),
            ))->all()),
            running: $job->running()?->id,
            gap: $job->gap_mm === null ? '' : Quantity::Thickness->typed($job->gap_mm, $format),
            found: $job->found,
            next: NextAnswer::of($standing->next()),
            caution: JobWords::CAUTION,
        );
    }

    /** Where it stands, in a few words. */
    public static function standing(WorkJob $job): string
    {
        $standing = new JobStanding($job, [], Carbon::now()->toIso8601ZuluString());

        return $job->state === WorkJob::MADE
            ? 'made, in '.HowLong::of(max(1.0, array_sum($job->seconds) / 60))
            : (int) floor(100 * $standing->share()).' % done. '.$standing->next()->says;
    }

    /**
     * What is done, each once, and which of them each step is.
     *
     * @param  list<JobStep>  $steps
     * @return array{list<JobKindAnswer>, list<int>}
     */
    private static function kinds(array $steps): array
    {
        $kinds = $of = $known = [];
        foreach ($steps as $step) {
            $key = "$step->title $step->setting $step->hone";
            if (! isset($known[$key])) {
                $known[$key] = count($kinds);
                $kinds[] = new JobKindAnswer(
                    title: $step->title,
                    phase: $step->phase->label(),
                    tools: $step->tools,
                    setting: $step->setting,
                    says: $step->says,
                    check: $step->check,
                    part: $step->part,
                    lacks: $step->lacks,
                    hone: $step->hone,
                );
            }
            $of[] = $known[$key];
        }

        return [$kinds, $of];
    }

    private static function row(
        JobStep $step,
        int $kind,
        int $done,
        ?float $took,
        ?string $day,
        string $state,
    ): JobRowAnswer {
        return new JobRowAnswer(
            kind: $kind,
            batch: $step->batch + 1,
            to: JobWords::units($step->units, $step->part),
            units: $step->units,
            done: $done,
            minutes: round($step->minutes, 1),
            took: $took,
            day: $day,
            isSet: $step->isSet,
            state: $state,
        );
    }

    private static function day(?string $iso): ?string
    {
        return $iso === null ? null : Carbon::parse($iso)->format('j F');
    }
}
