<?php

declare(strict_types=1);

namespace App\Home;

use App\Diary\DiaryResource;
use App\Home\Answer\BenchAnswer;
use App\Home\Answer\ChoreAnswer;
use App\Home\Answer\UpkeepAnswer;
use App\Home\Answer\WorkPieceAnswer;
use App\Http\Answer\AboutAnswer;
use App\Ledger\DiaryEntry;
use App\Work\Work;
use App\Work\WorkResource;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\ToDo\Chore;
use JackRest\Desk\ToDo\ChoreKind;
use JackRest\Desk\ToDo\ToDoList;
use JackRest\Desk\ToDo\UpkeepTask;

/** What wants doing before the next work. */
final class BenchResource
{
    /**
     * @param  list<UpkeepTask>  $upkeep
     * @param  list<DiaryEntry>  $latest
     */
    public static function of(
        ?Work $work,
        ToDoList $readiness,
        ?string $already,
        array $upkeep,
        array $latest,
        LengthFormatter $format,
    ): BenchAnswer {
        return new BenchAnswer(
            work: $work === null ? null : self::work($work, $format),
            ready: $readiness->isReady(),
            sentence: $readiness->sentence(),
            why: $readiness->why($already),
            minutes: $readiness->minutes(),
            chores: array_map(self::chore(...), $readiness->chores),
            upkeep: array_map(
                static fn (UpkeepTask $line): UpkeepAnswer => new UpkeepAnswer(
                    key: $line->key,
                    says: $line->says,
                    why: $line->why,
                    minutes: $line->minutes,
                    about: AboutAnswer::of($line->about),
                    does: $line->does,
                ),
                $upkeep,
            ),
            latest: DiaryResource::entries($latest),
        );
    }

    private static function work(Work $work, LengthFormatter $format): WorkPieceAnswer
    {
        $pattern = $work->patternOfWork();
        $measures = $work->measuresNow();

        return new WorkPieceAnswer(
            id: $work->id,
            name: $work->name,
            says: $work->says !== '' ? $work->says : $pattern->says ?? '',
            form: $pattern->form ?? 'own',
            measuresMm: $measures,
            labels: WorkResource::labels($pattern, $measures, $format),
        );
    }

    private static function chore(Chore $chore): ChoreAnswer
    {
        return new ChoreAnswer(
            kind: $chore->kind,
            says: $chore->says,
            why: $chore->why,
            minutes: $chore->minutes,
            about: match ($chore->kind) {
                ChoreKind::ChooseWork => new AboutAnswer(kind: 'works', id: null),
                ChoreKind::GetTool, ChoreKind::BudgetEnds => new AboutAnswer(kind: 'ladder', id: null),
                ChoreKind::FetchTool => new AboutAnswer(kind: 'idle', id: null),
                ChoreKind::SharpenEdge, ChoreKind::LookAtEdge => new AboutAnswer(kind: 'edge', id: (int) $chore->id),
                ChoreKind::LookAtTool => new AboutAnswer(kind: 'tool', id: (int) $chore->id),
                ChoreKind::FileSaw => new AboutAnswer(kind: 'saw', id: (int) $chore->id),
                ChoreKind::GoOnWithJob => new AboutAnswer(kind: 'job', id: (int) $chore->id),
                ChoreKind::FinishSession => new AboutAnswer(kind: 'session', id: (int) $chore->id),
                ChoreKind::TestReference => new AboutAnswer(kind: 'reference', id: (int) $chore->id),
            },
        );
    }
}
