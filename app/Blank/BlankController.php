<?php

declare(strict_types=1);

namespace App\Blank;

use App\Bench\Bench;
use App\Diary\DiaryResource;
use App\Http\FieldResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Ledger\VersionedRequest;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Season\ClimateLine;

/** Blanks on the shelf, how far they have dried, and which moves least. */
final class BlankController
{
    public function index(ShelfRequest $request, Bench $bench, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(BlankResource::shelf($bench, $request->wanted($format), $format));
    }

    public function store(BlankRequest $request, Ledger $ledger, LengthFormatter $format): JsonResponse
    {
        $columns = $request->columns($format);
        $entry = $ledger->record(
            'blank-laid',
            $columns['name'],
            "Laid the {$columns['name']} on the shelf.",
            static function (Changes $changes) use ($columns): void {
                $changes->create($changes->bench->blanks(), $columns);
            },
        );

        return new JsonResponse(DiaryResource::entry($entry->load('undoneBy')), 201);
    }

    /** A blank as far as it was described; writes nothing. */
    public function preview(BlankRequest $request, LengthFormatter $format): JsonResponse
    {
        $form = $request->form($format);
        $missing = $form->missing();

        return new JsonResponse([
            'figures' => FieldResource::readings($form),
            'missing' => (object) $missing,
            'sound' => $form->isSound() && $missing === [],
        ]);
    }

    public function update(
        VersionedBlankRequest $request,
        Ledger $ledger,
        Blank $blank,
        LengthFormatter $format,
    ): JsonResponse {
        $columns = $request->columns($format);
        $entry = $ledger->record(
            'blank-measured',
            $columns['name'],
            "Described the {$columns['name']} anew.",
            static function (Changes $changes) use ($blank, $columns, $request): void {
                $changes->update($blank, $columns, $request->version());
            },
        );

        return new JsonResponse(DiaryResource::entry($entry->load('undoneBy')));
    }

    /** Takes a blank off the shelf: used up, burnt, given away. */
    public function destroy(VersionedRequest $request, Ledger $ledger, Blank $blank): JsonResponse
    {
        $entry = $ledger->record('blank-gone', $blank->name, "Took the {$blank->name} off the shelf.", static function (
            Changes $changes,
        ) use ($blank, $request): void {
            $changes->delete($blank, $request->version());
        });

        return new JsonResponse(DiaryResource::entry($entry->load('undoneBy')));
    }

    /** Writes down how a blank lies: first when it goes to rest, again when its week is over. */
    public function measure(
        RestVisitRequest $request,
        Ledger $ledger,
        Blank $blank,
        LengthFormatter $format,
    ): JsonResponse {
        $now = Carbon::now();
        $visit = $request->visit($now->getTimestamp() / ClimateLine::SECONDS_PER_DAY, $format);
        $says = "bow {$format->small($visit->bowMm)}, wind {$format->small($visit->windMm)}, cup "
            ."{$format->small($visit->cupMm)}";
        $entry = $ledger->record('blank-at-rest', $blank->name, "Measured the {$blank->name}: $says.", static function (
            Changes $changes,
        ) use ($blank, $visit, $now, $request): void {
            $changes->update($blank, [], $request->version());
            $changes->create($blank->visits(), [
                'measured_at' => $now->toIso8601ZuluString(),
                'bow_mm' => $visit->bowMm,
                'wind_mm' => $visit->windMm,
                'cup_mm' => $visit->cupMm,
            ]);
        });

        return new JsonResponse(DiaryResource::entry($entry->load('undoneBy')), 201);
    }
}
