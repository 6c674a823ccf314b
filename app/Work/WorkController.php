<?php

declare(strict_types=1);

namespace App\Work;

use App\Bench\Bench;
use App\Diary\Answer\RemovedAnswer;
use App\Diary\DiaryResource;
use App\Http\Created;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Ledger\VersionedRequest;
use App\Work\Answer\OperationAnswer;
use App\Work\Answer\OperationFactAnswer;
use App\Work\Answer\OperationsAnswer;
use App\Work\Answer\PatternAnswer;
use App\Work\Answer\StepFiguresAnswer;
use App\Work\Answer\WorkPageAnswer;
use App\Work\Answer\WorkPreviewAnswer;
use App\Work\Answer\WorksAnswer;
use App\Work\Answer\WorkShapeAnswer;
use JackRest\Core\Kit\WorkTasks;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Work\Fact;
use JackRest\Core\Work\FactsOf;
use JackRest\Core\Work\Operation;
use JackRest\Core\Work\Operations;
use JackRest\Core\Work\Pattern;
use JackRest\Core\Work\Patterns;
use JackRest\Core\Work\Step;
use JackRest\Core\Work\Task;
use JackRest\Desk\Form\Form;

/** Works: what somebody wants to make, and the steps of it. */
final class WorkController
{
    public function index(Bench $bench, LengthFormatter $format): WorksAnswer
    {
        $kit = new KitOfBench($bench);

        return new WorksAnswer(
            works: WorkResource::lines($kit),
            shapes: array_map(
                static fn (Work $work): WorkShapeAnswer => new WorkShapeAnswer($work->id, $work->measuresNow()),
                array_values($kit->works->all()),
            ),
            patterns: array_values(
                array_map(
                    static fn (Pattern $pattern): PatternAnswer => WorkResource::pattern($pattern, $format),
                    Patterns::all(),
                ),
            ),
        );
    }

    /** @return Created<WorkPageAnswer> */
    public function store(WorkRequest $request, Ledger $ledger, LengthFormatter $format): Created
    {
        $values = $request->values($format);
        $work = null;
        $ledger->record('work-added', $values['name'], "Added a work: {$values['name']}.", static function (
            Changes $changes,
        ) use ($values, &$work): void {
            $work = $changes->create(Work::of($changes->bench), [
                ...$values,
                'says' => '',
                'min_grades' => [],
                'chosen' => true,
            ]);
        });
        assert($work instanceof Work);

        return new Created($this->show($ledger->bench, $work, $format));
    }

    /** A work as far as it has been described, with what can be done of it; writes nothing. */
    public function preview(WorkFormRequest $request, Bench $bench, LengthFormatter $format): WorkPreviewAnswer
    {
        $kit = new KitOfBench($bench);
        $form = $request->form($format);
        $steps = $request->stepForms($format);
        $tasks =
            $form->tasks ??
            array_map(static fn (Step $step): Task => $step->task($request->hardness()), $request->steps($format));
        $covered = array_map(
            $kit->coverage()->of(...),
            (new WorkTasks($kit->school, $kit->settings->floor))->graded($tasks),
        );
        $sound =
            ($form === null || $form->isSound()) &&
            array_filter($steps, static fn (Form $step): bool => ! $step->isSound()) === [];

        return new WorkPreviewAnswer(
            figures: $form->form->readings ?? [],
            stepFigures: array_map(
                static fn (Form $step): StepFiguresAnswer => new StepFiguresAnswer($step->readings),
                $steps,
            ),
            measuresMm: $form->measures ?? [],
            labels: WorkResource::labels($form?->pattern, $form->measures ?? [], $format),
            form: $form->pattern->form ?? 'own',
            tasks: WorkResource::tasks($covered, $kit, $format),
            sentence: WorkResource::sentence($covered, 'work'),
            sound: $sound,
        );
    }

    public function show(Bench $bench, Work $work, LengthFormatter $format): WorkPageAnswer
    {
        return WorkResource::page($work, new KitOfBench($bench), $format);
    }

    public function update(
        VersionedWorkFormRequest $request,
        Ledger $ledger,
        Work $work,
        LengthFormatter $format,
    ): WorkPageAnswer {
        $values = $request->values($format);
        $ledger->record('work-changed', $values['name'], "Changed the {$values['name']}.", static function (
            Changes $changes,
        ) use ($work, $values, $request): void {
            $changes->update($work, $values, $request->version());
        });

        return $this->show($ledger->bench, $work, $format);
    }

    /** Takes a work into the plan, or leaves it for later. */
    public function choose(ChooseWorkRequest $request, Ledger $ledger, Work $work, LengthFormatter $format): WorksAnswer
    {
        $chosen = $request->boolean('chosen');
        $sentence = $chosen ? "Chose the {$work->name}." : "Left the {$work->name} for later.";
        $ledger->record('work-chosen', $work, $sentence, static function (Changes $changes) use (
            $work,
            $chosen,
            $request,
        ): void {
            $changes->update($work, ['chosen' => $chosen], $request->version());
        });

        return $this->index($ledger->bench, $format);
    }

    public function destroy(VersionedRequest $request, Ledger $ledger, Work $work): RemovedAnswer
    {
        $entry = $ledger->record('work-removed', $work, "Removed the work: {$work->name}.", static function (
            Changes $changes,
        ) use ($work, $request): void {
            $changes->delete($work, $request->version());
        });

        return new RemovedAnswer(entry: DiaryResource::entry($entry), loses: []);
    }

    /** Every operation a work can be put together from, with the numbers that decide about it. */
    public function operations(): OperationsAnswer
    {
        return new OperationsAnswer(
            operations: array_values(
                array_map(
                    static fn (Operation $operation): OperationAnswer => new OperationAnswer(
                        id: $operation->id,
                        name: $operation->name,
                        says: $operation->says,
                        facts: array_map(
                            static fn (Fact $fact): OperationFactAnswer => new OperationFactAnswer(
                                name: $fact->value,
                                asks: $fact->asks(),
                            ),
                            FactsOf::operation($operation),
                        ),
                    ),
                    Operations::all(),
                ),
            ),
        );
    }
}
