<?php

declare(strict_types=1);

namespace App\Blank;

use App\Bench\Bench;
use App\Blank\Answer\BlankPreviewAnswer;
use App\Blank\Answer\BlanksAnswer;
use App\Diary\Answer\DiaryEntryAnswer;
use App\Diary\DiaryResource;
use App\Http\Created;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Ledger\VersionedRequest;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Season\ClimateLine;

/** Blanks on the shelf, how far they have dried, and which moves least. */
final class BlankController
{
    public function index(ShelfRequest $request, Bench $bench, LengthFormatter $format): BlanksAnswer
    {
        return BlankResource::shelf($bench, $request->wanted($format), $format);
    }

    /** @return Created<DiaryEntryAnswer> */
    public function store(BlankRequest $request, Ledger $ledger, LengthFormatter $format): Created
    {
        $columns = $request->columns($format);
        $entry = $ledger->record(
            'blank-laid',
            $columns['name'],
            "Laid the {$columns['name']} on the shelf.",
            static function (Changes $changes) use ($columns): void {
                $changes->create(Blank::of($changes->bench), $columns);
            },
        );

        return new Created(DiaryResource::entry($entry));
    }

    /** A blank as far as it was described; writes nothing. */
    public function preview(BlankRequest $request, LengthFormatter $format): BlankPreviewAnswer
    {
        $form = $request->form($format);
        $missing = $form->missing();

        return new BlankPreviewAnswer(
            figures: $form->readings,
            missing: $missing,
            sound: $form->isSound() && $missing === [],
        );
    }

    public function update(
        VersionedBlankRequest $request,
        Ledger $ledger,
        Blank $blank,
        LengthFormatter $format,
    ): DiaryEntryAnswer {
        $columns = $request->columns($format);
        $entry = $ledger->record(
            'blank-measured',
            $columns['name'],
            "Described the {$columns['name']} again.",
            static function (Changes $changes) use ($blank, $columns, $request): void {
                $changes->update($blank, $columns, $request->version());
            },
        );

        return DiaryResource::entry($entry);
    }

    /** Takes a blank off the shelf: used up, burnt, given away. */
    public function destroy(VersionedRequest $request, Ledger $ledger, Blank $blank): DiaryEntryAnswer
    {
        $entry = $ledger->record('blank-gone', $blank, "Took the {$blank->name} off the shelf.", static function (
            Changes $changes,
        ) use ($blank, $request): void {
            $changes->delete($blank, $request->version());
        });

        return DiaryResource::entry($entry);
    }

    /**
     * Writes down how a blank lies: first when it goes to rest, again when its week is over.
     *
     * @return Created<DiaryEntryAnswer>
     */
    public function measure(RestVisitRequest $request, Ledger $ledger, Blank $blank, LengthFormatter $format): Created
    {
        $visit = $request->visit($ledger->at()->getTimestamp() / ClimateLine::SECONDS_PER_DAY, $format);
        $says =
            "bow {$format->small($visit->bowMm)}, wind {$format->small($visit->windMm)}, cup ".
            "{$format->small($visit->cupMm)}";
        $entry = $ledger->record('blank-at-rest', $blank, "Measured the {$blank->name}: $says.", static function (
            Changes $changes,
        ) use ($blank, $visit, $request): void {
            $changes->update($blank, [], $request->version());
            $changes->create($blank->visits(), [
                'measured_at' => $changes->at->toIso8601ZuluString(),
                'bow_mm' => $visit->bowMm,
                'wind_mm' => $visit->windMm,
                'cup_mm' => $visit->cupMm,
            ]);
        });

        return new Created(DiaryResource::entry($entry));
    }
}
