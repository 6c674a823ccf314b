<?php

declare(strict_types=1);

namespace App\SetOut;

use App\Bench\Bench;
use App\Diary\Answer\DiaryEntryAnswer;
use App\Diary\DiaryResource;
use App\Http\Created;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Ledger\VersionedRequest;
use App\Print\DxfSheet;
use App\Print\PrintedSheet;
use App\Session\Answer\SessionAnswer;
use App\Session\BenchSession;
use App\Session\SessionResource;
use App\Session\Sessions;
use App\SetOut\Answer\SetOutPreviewAnswer;
use App\SetOut\Answer\SetOutsAnswer;
use App\SetOut\Answer\WorkCardAnswer;
use App\Work\Work;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Making\PlanPrint;
use JackRest\Desk\Print\BenchCard;
use JackRest\Desk\Print\CardList;
use JackRest\Desk\Print\Tile;
use JackRest\Desk\Session\SessionKind;
use JackRest\Desk\SetOut\SetOutForm;
use JackRest\Desk\SetOut\SetOutQuestion;

/** Marking out, setting and cutting to a number: asked by itself, or for a work and kept with it. */
final class SetOutController
{
    public function index(Request $request, Bench $bench, LengthFormatter $format): SetOutsAnswer
    {
        $work = self::work($bench, $request->integer('work'));
        $hands = HandsOfBench::of($bench, $work);
        $numbers = $work === null ? null : CardOfWork::numbers($work);

        return new SetOutsAnswer(
            questions: array_map(
                static fn (SetOutQuestion $question) => SetOutResource::question($question, $hands, $numbers, $format),
                SetOutQuestion::cases(),
            ),
            work: $work?->name,
        );
    }

    /** Where the lines go and what is set to what; writes nothing. */
    public function preview(
        SetOutRequest $request,
        Bench $bench,
        LengthFormatter $format,
        string $question,
    ): SetOutPreviewAnswer {
        $asked = SetOutQuestion::tryFrom($question) ?? abort(404);

        return SetOutResource::preview($asked, self::answered($asked, $request, $bench, $format));
    }

    /** The drawing at true size: PDF, SVG, or its lines as DXF. */
    public function template(
        SetOutTemplateRequest $request,
        Bench $bench,
        LengthFormatter $format,
        string $question,
        string $what,
        string $kind,
    ): Response {
        $asked = SetOutQuestion::tryFrom($question);
        abort_unless($asked !== null && $asked->isTemplate(), 404);
        $form = self::answered($asked, $request, $bench, $format);
        $form->form->soundOrRefuse('typed');
        $views = $form->answer->views ?? [];
        abort_if($views === [], 404);
        if ($kind === 'dxf') {
            return DxfSheet::answer($views, $asked->value);
        }
        $print = new PlanPrint($asked->label(), $views);

        return match (true) {
            $what === 'whole' => PrintedSheet::answer($print->whole(), $kind, $asked->value),
            $kind === 'pdf' => PrintedSheet::pdf(
                $asked->label(),
                array_map(static fn (Tile $tile) => $tile->sheet, $print->tiles()),
                $asked->value,
            ),
            default => abort(404),
        };
    }

    private static function answered(
        SetOutQuestion $asked,
        SetOutRequest $request,
        Bench $bench,
        LengthFormatter $format,
    ): SetOutForm {
        $work = self::work($bench, $request->work() ?? 0);
        $numbers = $work === null ? null : CardOfWork::numbers($work);

        return $asked->answered(
            $request->typed(),
            [...$numbers?->chosen($asked) ?? [], ...$request->choices()],
            HandsOfBench::of($bench, $work),
            $format,
            $numbers?->usual($asked) ?? [],
        );
    }

    public function show(Bench $bench, Work $work, LengthFormatter $format): WorkCardAnswer
    {
        return SetOutResource::card(new CardOfWork($bench, $work, $format));
    }

    /** @return Created<WorkCardAnswer> */
    public function store(KeepSetOutRequest $request, Ledger $ledger, Work $work, LengthFormatter $format): Created
    {
        $columns = $request->columns();
        $ledger->record(
            'work-set-out',
            $work,
            "Set out {$this->named($columns)} for the {$work->name}.",
            static function (Changes $changes) use ($columns, $work): void {
                $changes->create(SetOut::of($changes->bench), [...$columns, 'work_id' => $work->id]);
            },
        );

        return new Created($this->show($ledger->bench, $work, $format));
    }

    public function update(
        VersionedKeepSetOutRequest $request,
        Ledger $ledger,
        SetOut $setOut,
        LengthFormatter $format,
    ): WorkCardAnswer {
        $columns = $request->columns();
        $work = $setOut->work;
        $ledger->record(
            'work-set-out',
            $work,
            "Set out {$this->named($columns)} for the {$work->name} again.",
            static function (Changes $changes) use ($columns, $setOut, $request): void {
                $changes->update($setOut, $columns, $request->version());
            },
        );

        return $this->show($ledger->bench, $work, $format);
    }

    public function destroy(VersionedRequest $request, Ledger $ledger, SetOut $setOut): DiaryEntryAnswer
    {
        $label = lcfirst($setOut->label());
        $entry = $ledger->record(
            'work-set-out-removed',
            $setOut->work,
            "Took the $label off the card of the {$setOut->work->name}.",
            static function (Changes $changes) use ($setOut, $request): void {
                $changes->delete($setOut, $request->version());
            },
        );

        return DiaryResource::entry($entry);
    }

    /**
     * Takes what is counted to the bench: strokes, turns or shavings.
     *
     * @return Created<SessionAnswer>
     */
    public function cut(Ledger $ledger, SetOut $setOut, LengthFormatter $format): Created
    {
        $form = (new CardOfWork($ledger->bench, $setOut->work, $format))->forms[$setOut->id];
        $steps = $form->answer->steps ?? [];
        if ($steps === []) {
            throw InvalidInput::because('', 'Nothing of it is counted at the bench.');
        }
        $session = Sessions::running($ledger->bench, $setOut);
        if ($session === null) {
            $title = lcfirst($setOut->label())." of the {$setOut->work->name}";
            $ledger->save(static function (Changes $changes) use ($setOut, $title, $steps, &$session): void {
                $session = Sessions::begin($changes, SessionKind::Cutting, $setOut, $title, $steps);
            });
        }
        assert($session instanceof BenchSession);

        return new Created(SessionResource::of($session));
    }

    /** All settings on one page, for the bench. */
    public function card(Bench $bench, Work $work, string $kind, LengthFormatter $format): Response
    {
        $card = new CardOfWork($bench, $work, $format);
        $sheet = BenchCard::sheet(
            "Settings: {$work->name}",
            Carbon::now()->format('j F Y'),
            [new CardList($card->card->sentence() ?? 'In the order of work', $card->card->lines())],
        );

        return PrintedSheet::answer($sheet, $kind, 'settings');
    }

    /** @param  array{question: SetOutQuestion, name: string, ...<string, mixed>}  $columns */
    private function named(array $columns): string
    {
        return lcfirst($columns['name'] === '' ? $columns['question']->label() : $columns['name']);
    }

    private static function work(Bench $bench, int $id): ?Work
    {
        return $id > 0 ? Work::of($bench)->findOrFail($id) : null;
    }
}
