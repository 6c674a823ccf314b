<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\KitOfBench;
use App\Http\Requests\WorkSheetRequest;
use App\Http\Resources\FieldResource;
use App\Http\Resources\WorkResource;
use App\Models\Bench;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Kit\WorkTasks;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Work\Step;
use JackRest\Core\Work\Task;
use JackRest\Desk\Form\Form;

/** A work as far as it has been described, with what can be done of it; writes nothing. */
final class PreviewWork
{
    public function __invoke(WorkSheetRequest $request, Bench $bench, LengthFormatter $format): JsonResponse
    {
        $kit = new KitOfBench($bench);
        $sheet = $request->sheet($format);
        $steps = $request->stepForms($format);
        $tasks = $sheet->tasks ?? array_map(static fn (Step $step): Task => $step->task($request->hardness()), $request->steps($format));
        $covered = array_map($kit->coverage()->of(...), (new WorkTasks($kit->school, $kit->settings->floor))->graded($tasks));
        $sound = ($sheet === null || $sheet->isSound()) && array_filter($steps, static fn (Form $step): bool => ! $step->isSound()) === [];

        return new JsonResponse([
            'figures' => FieldResource::readings($sheet?->form),
            'stepFigures' => array_map(FieldResource::readings(...), $steps),
            'measuresMm' => (object) ($sheet->measures ?? []),
            'form' => $sheet->pattern->form ?? 'own',
            'tasks' => WorkResource::tasks($covered, $kit, $format),
            'sentence' => WorkResource::sentence($covered, 'work'),
            'sound' => $sound,
        ]);
    }
}
