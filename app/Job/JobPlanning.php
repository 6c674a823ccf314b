<?php

declare(strict_types=1);

namespace App\Job;

use App\Bench\Bench;
use App\Work\Work;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Desk\Job\JobAsk;
use JackRest\Desk\Job\JobForm;
use JackRest\Desk\Job\JobHands;
use JackRest\Desk\Job\JobStep;

/** The plan of a job at a bench as it is now, and the job that is begun by it. */
final readonly class JobPlanning
{
    public JobHands $hands;

    public JobAsk $ask;

    public JobForm $form;

    /**
     * @param  array<string, string>  $typed
     * @param  string  $wood  rough or planed
     * @param  bool  $hones  whether honing is planned in
     */
    public function __construct(
        private Bench $bench,
        private Work $work,
        private array $typed,
        private string $wood,
        private bool $hones,
        LengthFormatter $format,
    ) {
        $this->hands = HandsOfJob::of($bench, $work, $format);
        [$this->ask, $this->form] = $this->in($format);
    }

    public static function asked(JobRequest $request, Bench $bench, Work $work, LengthFormatter $format): self
    {
        return new self($bench, $work, $request->typed(), $request->wood(), $request->hones(), $format);
    }

    /** @return list<JobStep> that can be read in either unit, whichever is chosen later; none where there is no plan */
    public function steps(): array
    {
        [, $mm] = $this->in(new LengthFormatter(LengthUnit::Millimetre));
        [, $inch] = $this->in(new LengthFormatter(LengthUnit::Inch));

        return JobStep::inBoth($mm->book->steps ?? [], $inch->book->steps ?? []);
    }

    /** 10 × hive bodies */
    public function name(): string
    {
        $pieces = $this->form->pieces();

        return $pieces === 1 ? $this->work->name : "$pieces × {$this->work->name}";
    }

    /** @return array{JobAsk, JobForm} */
    private function in(LengthFormatter $format): array
    {
        $ask = HandsOfJob::ask($this->bench, $this->work, $format);

        return [$ask, JobForm::of($this->typed, $this->wood, $this->hones, $ask, $this->hands, $format)];
    }
}
