<?php

declare(strict_types=1);

namespace App\Guide;

use App\Bench\Bench;
use App\Diary\Answer\DiaryEntryAnswer;
use App\Diary\DiaryResource;
use App\Guide\Answer\GuideAnswer;
use App\Guide\Answer\GuidePreviewAnswer;
use App\Guide\Answer\GuidesAnswer;
use App\Http\Created;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Ledger\VersionedRequest;
use App\Print\PrintedSheet;
use Illuminate\Http\Response;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Guide\BoardLane;
use JackRest\Desk\Guide\ProjectionBoard;

/** Honing guides, measured, and their boards. */
final class GuideController
{
    public function index(Bench $bench, LengthFormatter $format): GuidesAnswer
    {
        return new GuidesAnswer(
            guides: array_values(
                Guide::of($bench)
                    ->oldest('id')
                    ->get()
                    ->map(static fn (Guide $guide): GuideAnswer => GuideResource::of($guide, $format))
                    ->all(),
            ),
        );
    }

    /** @return Created<GuidesAnswer> */
    public function store(GuideFormRequest $request, Ledger $ledger, LengthFormatter $format): Created
    {
        $values = $request->values($format);
        $ledger->record(
            'guide-measured',
            $values['name'],
            "Measured the {$values['name']} for {$request->seat()->label()}.",
            static function (Changes $changes) use ($values): void {
                $changes->create(Guide::of($changes->bench), $values);
            },
        );

        return new Created($this->index($ledger->bench, $format));
    }

    /** Where a guide's axle lies and how far blades stand out of it; writes nothing. */
    public function preview(GuideFormRequest $request, LengthFormatter $format): GuidePreviewAnswer
    {
        return GuideResource::preview($request->form($format));
    }

    public function update(
        VersionedGuideFormRequest $request,
        Ledger $ledger,
        Guide $guide,
        LengthFormatter $format,
    ): GuidesAnswer {
        $values = $request->values($format);
        $ledger->record(
            'guide-measured',
            $values['name'],
            "Measured the {$values['name']} for {$request->seat()->label()} again.",
            static function (Changes $changes) use ($guide, $values, $request): void {
                $changes->update($guide, $values, $request->version());
            },
        );

        return $this->index($ledger->bench, $format);
    }

    public function destroy(VersionedRequest $request, Ledger $ledger, Guide $guide): DiaryEntryAnswer
    {
        $entry = $ledger->record(
            'guide-removed',
            $guide,
            "Put the {$guide->name} for {$guide->seat->label()} away.",
            static function (Changes $changes) use ($guide, $request): void {
                $changes->delete($guide, $request->version());
            },
        );

        return DiaryResource::entry($entry);
    }

    /** The projection board of a guide at true size, with the stops of all its seats. */
    public function board(Bench $bench, Guide $guide, string $kind, LengthFormatter $format): Response
    {
        $lanes = [];
        foreach (Guide::of($bench)->where('name', $guide->name)->oldest('seat')->get() as $seat) {
            foreach (GuideResource::form($seat, $format)->stops as $stop) {
                $lanes[] = new BoardLane($stop->angleDeg, $stop->projectionMm, $seat->seat->label());
            }
        }
        if ($lanes === []) {
            throw InvalidInput::because('stops', 'Type the angles you hone at first.');
        }
        $printed = ProjectionBoard::sheet($guide->name, $lanes, $format);

        return PrintedSheet::answer($printed, $kind, 'projection-board');
    }
}
