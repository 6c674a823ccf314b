<?php

declare(strict_types=1);

namespace App\ShadowBoard;

use App\Bench\Bench;
use App\Diary\Answer\DiaryEntryAnswer;
use App\Diary\DiaryResource;
use App\Http\Created;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Ledger\VersionedRequest;
use App\Print\PrintedSheet;
use App\ShadowBoard\Answer\ShadowBoardPreviewAnswer;
use App\ShadowBoard\Answer\ShadowBoardsAnswer;
use Illuminate\Http\Response;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Print\Tile;
use JackRest\Desk\ShadowBoard\ShadowBoardPrint;

/** Panels with the outline of every tool. */
final class ShadowBoardController
{
    public function index(Bench $bench, LengthFormatter $format): ShadowBoardsAnswer
    {
        return ShadowBoardResource::all($bench, $format);
    }

    /** @return Created<ShadowBoardsAnswer> */
    public function store(ShadowBoardFormRequest $request, Ledger $ledger, LengthFormatter $format): Created
    {
        $values = $request->values($ledger->bench, $format);
        $ledger->record(
            'shadow-board-laid-out',
            $request->title(),
            "Laid out the {$request->title()}.",
            static function (Changes $changes) use ($values): void {
                $changes->create(ShadowBoard::of($changes->bench), $values);
            },
        );

        return new Created($this->index($ledger->bench, $format));
    }

    /** Where each tool would hang, and what would not fit; writes nothing. */
    public function preview(
        ShadowBoardFormRequest $request,
        Bench $bench,
        LengthFormatter $format,
    ): ShadowBoardPreviewAnswer {
        return ShadowBoardResource::preview($request->form($bench, $format));
    }

    public function update(
        VersionedShadowBoardFormRequest $request,
        Ledger $ledger,
        ShadowBoard $shadowBoard,
        LengthFormatter $format,
    ): ShadowBoardsAnswer {
        $values = $request->values($ledger->bench, $format);
        $ledger->record(
            'shadow-board-laid-out',
            $request->title(),
            "Laid out the {$request->title()} again.",
            static function (Changes $changes) use ($shadowBoard, $values, $request): void {
                $changes->update($shadowBoard, $values, $request->version());
            },
        );

        return $this->index($ledger->bench, $format);
    }

    public function destroy(VersionedRequest $request, Ledger $ledger, ShadowBoard $shadowBoard): DiaryEntryAnswer
    {
        $entry = $ledger->record(
            'shadow-board-removed',
            $shadowBoard,
            "Took the {$shadowBoard->name} off the list.",
            static function (Changes $changes) use ($shadowBoard, $request): void {
                $changes->delete($shadowBoard, $request->version());
            },
        );

        return DiaryResource::entry($entry);
    }

    /** A shadow board at true size: all its sheets as PDF; one sheet, or the whole board in one drawing, as SVG. */
    public function print(
        Bench $bench,
        ShadowBoard $shadowBoard,
        string $what,
        string $kind,
        LengthFormatter $format,
    ): Response {
        $form = ToolsToHang::form($bench, $shadowBoard, $format);
        [$panel, $arrangement] = [$form->panel, $form->arrangement];
        if ($panel === null || $arrangement === null || $arrangement->hung === []) {
            throw InvalidInput::because('tools', 'Nothing hangs on this board.');
        }
        $title = ucfirst($shadowBoard->name);
        if ($what === 'whole' && $kind === 'svg') {
            return PrintedSheet::svg(ShadowBoardPrint::whole($title, $panel, $arrangement), 'shadow-board');
        }
        $tiles = ShadowBoardPrint::tiles($title, $panel, $arrangement);
        if ($what === 'sheets' && $kind === 'pdf') {
            return PrintedSheet::pdf(
                $title,
                [
                    ShadowBoardPrint::overview($title, $panel, $arrangement, $tiles),
                    ...array_map(static fn (Tile $tile) => $tile->sheet, $tiles),
                ],
                'shadow-board',
            );
        }

        return PrintedSheet::tile($tiles, $what, $kind, 'shadow-board');
    }
}
