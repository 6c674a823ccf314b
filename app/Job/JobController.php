<?php

declare(strict_types=1);

namespace App\Job;

use App\Bench\Bench;
use App\Care\CareOfBench;
use App\Diary\Answer\DiaryEntryAnswer;
use App\Diary\DiaryResource;
use App\Http\Created;
use App\Job\Answer\JobAnswer;
use App\Job\Answer\JobAskAnswer;
use App\Job\Answer\JobPreviewAnswer;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Ledger\VersionedRequest;
use App\Pace\StepTime;
use App\Photo\Album;
use App\Session\Answer\SessionAnswer;
use App\Session\BenchSession;
use App\Session\SessionResource;
use App\Session\Sessions;
use App\Tool\Tool;
use App\Work\Work;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Job\PartCount;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Count;
use JackRest\Desk\Job\JobStep;
use JackRest\Desk\Session\SessionKind;
use JackRest\Desk\Session\SessionStep;

/** A work from the first cut to the glued piece. */
final class JobController
{
    private const MOST_PHOTOS = 60;

    public function ask(Bench $bench, Work $work, LengthFormatter $format): JobAskAnswer
    {
        return JobResource::ask($bench, $work, PartCount::usual($work->pattern), $format);
    }

    /** The plan of a job that is not begun; writes nothing. */
    public function preview(JobRequest $request, Bench $bench, Work $work, LengthFormatter $format): JobPreviewAnswer
    {
        $planned = JobPlanning::asked($request, $bench, $work, $format);

        return JobResource::preview(
            $planned->form,
            $planned->ask->due,
            $planned->hands->paces,
            HandsOfJob::doubts($bench, $planned->ask, $planned->form->book->steps ?? [], $format),
            (new CareOfBench($bench))->stocks(),
            $format,
        );
    }

    /** @return Created<JobAnswer> */
    public function store(JobRequest $request, Ledger $ledger, Work $work, LengthFormatter $format): Created
    {
        $planned = JobPlanning::asked($request, $ledger->bench, $work, $format);
        $form = $planned->form;
        $form->form->soundOrRefuse('figures');
        if ($form->book === null) {
            throw InvalidInput::because('', $form->next->says);
        }
        $steps = $planned->steps();
        $name = $planned->name();
        $job = null;
        $ledger->record('job-begun', $work, "Began to make $name.", static function (Changes $changes) use (
            $steps,
            $work,
            $form,
            $name,
            &$job,
        ): void {
            $job = $changes->create(WorkJob::of($changes->bench), [
                'work_id' => $work->id,
                'name' => $name,
                'pieces' => $form->pieces(),
                'batch' => $form->batch(),
                'hours' => $form->minutesPerDay() * 7 / 60,
                'wood_at' => $form->woodDays() > 0
                    ? Carbon::now()->startOfDay()->addDays($form->woodDays())->toIso8601ZuluString()
                    : null,
                'steps' => array_map(static fn (JobStep $step): array => $step->toArray(), $steps),
            ]);
        });
        assert($job instanceof WorkJob);

        return new Created(JobResource::of($job->refresh(), $planned->hands->paces, $format));
    }

    public function show(Bench $bench, WorkJob $job, LengthFormatter $format): JobAnswer
    {
        return JobResource::of($job->load('work', 'times', 'photos'), StepTime::paces($bench), $format);
    }

    /**
     * Takes what is next to the bench.
     *
     * @return Created<SessionAnswer>
     */
    public function work(WorkOnJobRequest $request, Ledger $ledger, WorkJob $job, LengthFormatter $format): Created
    {
        $session = Sessions::running($ledger->bench, $job);
        if ($session === null) {
            $rows = self::sitting($job, $request->isEarly());
            $plan = $job->plan($format->unit);
            $used = array_map(static fn (int $row): array => $plan[$row]->used, $rows);
            /** @var array<int, string> $kinds */
            $kinds = Tool::of($ledger->bench)->findMany(array_merge(...$used))->pluck('kind', 'id')->all();
            $steps = array_map(static fn (int $row): SessionStep => SessionStep::ofJob(
                $plan[$row],
                $plan[$row]->units - ($job->done[$row] ?? 0),
                array_values(array_intersect_key($kinds, array_flip($plan[$row]->used))),
            ), $rows);
            $ledger->save(static function (Changes $changes) use ($job, $request, $rows, $steps, &$session): void {
                // Whoever has two windows open takes the same steps to the bench once.
                $changes->update($job, ['hours' => $job->hours], $request->version());
                $session = Sessions::begin($changes, SessionKind::Job, $job, $job->name, $steps, ['rows' => $rows]);
            });
        }
        assert($session instanceof BenchSession);

        return new Created(SessionResource::of($session));
    }

    /** @return non-empty-list<int> */
    private static function sitting(WorkJob $job, bool $early): array
    {
        $standing = new JobStanding($job, [], Carbon::now()->toIso8601ZuluString());
        $rows = $standing->sitting($early);
        if ($rows === []) {
            throw $job->state === WorkJob::MADE
                ? InvalidInput::because('', 'It is made already.')
                : InvalidInput::because('early', $standing->next()->says);
        }

        return $rows;
    }

    /** Ticked off where it stands, without bench mode: what it took counts as it was planned. */
    public function tick(TickRequest $request, Ledger $ledger, WorkJob $job, LengthFormatter $format): JobAnswer
    {
        $at = $request->step();
        $step = $job->plan()[$at] ?? abort(404);
        if ($job->isDone($at, $step)) {
            throw InvalidInput::because('step', 'That is done already.');
        }
        if ($job->running() !== null) {
            throw InvalidInput::because('step', 'It is at the bench: go on there, or stop there first.');
        }
        $left = $step->units - ($job->done[$at] ?? 0);
        $ledger->record(
            'job-went-on',
            $job,
            "$step->title: done, for the {$job->name}.",
            static function (Changes $changes) use ($job, $at, $left, $request): void {
                $now = Carbon::now()->toIso8601ZuluString();
                $changes->update($job, ['hours' => $job->hours], $request->version());
                (new JobWork($job, [$at => $left], []))->write($changes, $now);
            },
        );

        return $this->show($ledger->bench, $job, $format);
    }

    /**
     * A photograph of the step at which it stands at the bench; of the whole where nobody is at it.
     *
     * @return Created<JobAnswer>
     */
    public function photograph(Request $request, Ledger $ledger, WorkJob $job, LengthFormatter $format): Created
    {
        $session = $job->running();
        $step = $session === null ? null : JobEnd::rowsOf($session)[$session->at_step] ?? null;
        (new Album($job->photos(), self::MOST_PHOTOS))->add($request, $ledger, ['step' => $step]);

        return new Created($this->show($ledger->bench, $job, $format));
    }

    /** What was found when it was looked at. */
    public function found(JobFoundRequest $request, Ledger $ledger, WorkJob $job, LengthFormatter $format): JobAnswer
    {
        $gap = $request->gapMm($format);
        $columns = ['gap_mm' => $gap, 'found' => $request->found()];
        $ledger->record(
            'job-looked-at',
            $job,
            "Looked at the {$job->name}".($gap === null ? '.' : ': widest gap '.$format->small($gap).'.'),
            static function (Changes $changes) use ($job, $columns, $request): void {
                $changes->update($job, $columns, $request->version());
            },
        );

        return $this->show($ledger->bench, $job, $format);
    }

    /** Leaves it; the minutes its edges have worked stay in their diaries. */
    public function destroy(VersionedRequest $request, Ledger $ledger, WorkJob $job): DiaryEntryAnswer
    {
        $entry = $ledger->record(
            'job-left',
            $job,
            $job->state === WorkJob::MADE
                ? "Took the making of {$job->name} off the list."
                : "Stopped making {$job->name}, ".Count::of(array_sum($job->done), 'part').' done.',
            static function (Changes $changes) use ($job, $request): void {
                foreach ($job->sessions()->where('state', BenchSession::RUNNING)->get() as $session) {
                    $changes->update($session, ['state' => BenchSession::STOPPED]);
                }
                $changes->delete($job, $request->version());
            },
        );

        return DiaryResource::entry($entry);
    }
}
