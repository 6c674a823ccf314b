<?php

declare(strict_types=1);

namespace App\Bench;

use App\Diary\DiaryEntry;
use App\Diary\DiaryResource;
use App\Http\RecordLink;
use App\Work\Work;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\ToDo\Chore;
use JackRest\Core\ToDo\ChoreKind;
use JackRest\Core\ToDo\ToDoList;
use JackRest\Core\ToDo\UpkeepTask;

/** What wants doing before the next work. */
final class BenchResource
{
    /**
     * @param  list<UpkeepTask>  $upkeep
     * @param  list<DiaryEntry>  $latest
     * @return array<string, mixed>
     */
    public static function of(
        ?Work $work,
        ToDoList $readiness,
        array $upkeep,
        array $latest,
        LengthFormatter $format,
    ): array {
        return [
            'work' => $work === null ? null : self::work($work, $format),
            'ready' => $readiness->isReady(),
            'sentence' => $readiness->sentence(),
            'minutes' => $readiness->minutes(),
            'chores' => array_map(self::chore(...), $readiness->chores),
            'upkeep' => array_map(
                static fn (UpkeepTask $line): array => [
                    'key' => $line->key,
                    'says' => $line->says,
                    'why' => $line->why,
                    'minutes' => $line->minutes,
                    'about' => RecordLink::of($line->about),
                    'does' => $line->does,
                ],
                $upkeep,
            ),
            'latest' => array_map(DiaryResource::entry(...), $latest),
        ];
    }

    /** @return array<string, mixed> */
    private static function work(Work $work, LengthFormatter $format): array
    {
        $pattern = $work->patternOfWork();
        $measures = [];
        foreach ($pattern->measures ?? [] as $measure) {
            $measures[$measure->name] = (float) ($work->measures[$measure->name] ?? $measure->usual);
        }

        return [
            'id' => $work->id,
            'name' => $work->name,
            'says' => $work->says !== '' ? $work->says : $pattern->says ?? '',
            'form' => $pattern->form ?? 'own',
            'measuresMm' => (object) $measures,
            'labels' => (object) array_map($format->dimension(...), $measures),
        ];
    }

    /** @return array<string, mixed> */
    private static function chore(Chore $chore): array
    {
        return [
            'kind' => $chore->kind->value,
            'says' => $chore->says,
            'why' => $chore->why,
            'minutes' => $chore->minutes,
            'about' => match ($chore->kind) {
                ChoreKind::ChooseWork => ['kind' => 'works', 'id' => null],
                ChoreKind::GetTool => ['kind' => 'ladder', 'id' => null],
                ChoreKind::FetchTool => ['kind' => 'idle', 'id' => null],
                ChoreKind::SharpenEdge => ['kind' => 'edge', 'id' => (int) $chore->id],
                ChoreKind::FinishSession => ['kind' => 'session', 'id' => (int) $chore->id],
                ChoreKind::TestReference => ['kind' => 'reference', 'id' => (int) $chore->id],
            },
        ];
    }
}
