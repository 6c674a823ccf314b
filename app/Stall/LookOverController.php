<?php

declare(strict_types=1);

namespace App\Stall;

use App\Bench\Bench;
use App\Edge\EdgesOfTool;
use App\Http\Answer\WordAnswer;
use App\Http\Created;
use App\Http\Money;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Photo\Album;
use App\Reference\ReferencesOfTool;
use App\Stall\Answer\ListedLookAnswer;
use App\Stall\Answer\LookAnswer;
use App\Stall\Answer\LooksAnswer;
use App\Tool\Price;
use App\Tool\Tool;
use App\Tool\ToolStatus;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Tool\ToolKind;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Desk\Stall\Looked;

/** A second-hand tool looked over, check by check. */
final class LookOverController
{
    /** Worth of an hour where nobody said; invented. */
    private const PER_HOUR = 10.0;

    private const MOST_PHOTOS = 12;

    /** Second-hand tools looked over, the unfinished first, and the kinds that can be. */
    public function index(Bench $bench, LengthFormatter $format): LooksAnswer
    {
        $looks = LookOver::of($bench)
            ->latest('id')
            ->get()
            ->sortBy(static fn (LookOver $look): bool => $look->state !== LookOver::OPEN);
        $kinds = array_map(ToolKinds::named(...), LookOverRequest::kinds());
        usort($kinds, static fn (ToolKind $a, ToolKind $b): int => $a->name <=> $b->name);

        return new LooksAnswer(
            looks: array_map(
                static fn (LookOver $look): ListedLookAnswer => LookOverResource::listed($look, $format),
                array_values($looks->all()),
            ),
            kinds: array_map(
                static fn (ToolKind $kind): WordAnswer => new WordAnswer(value: $kind->id, label: $kind->name),
                $kinds,
            ),
        );
    }

    /**
     * Begins to look a tool over; the record is there from the first moment.
     *
     * @return Created<LookAnswer>
     */
    public function store(NewLookOverRequest $request, Ledger $ledger, LengthFormatter $format): Created
    {
        $kind = $request->kind();
        // What an hour is worth stays what it was the last time.
        $before = LookOver::of($ledger->bench)->latest('id')->first();
        $look = null;
        $ledger->save(static function (Changes $changes) use ($kind, $before, $format, &$look): void {
            $look = $changes->create(LookOver::of($changes->bench), [
                'kind' => $kind->id,
                'name' => $kind->name,
                'found' => [],
                'good_price' => $kind->price,
                'per_hour' => $before->per_hour ?? self::PER_HOUR,
                'state' => LookOver::OPEN,
                'sizes' => [],
                'unit' => $format->unit,
                'begun_at' => Carbon::now()->toIso8601ZuluString(),
            ]);
        });
        assert($look instanceof LookOver);

        return new Created($this->show($look, $format));
    }

    /**
     * A photograph of the tool.
     *
     * @return Created<LookAnswer>
     */
    public function photograph(Request $request, Ledger $ledger, LookOver $look, LengthFormatter $format): Created
    {
        (new Album($look->photos(), self::MOST_PHOTOS))->add($request, $ledger);

        return new Created($this->show($look, $format));
    }

    public function show(LookOver $look, LengthFormatter $format): LookAnswer
    {
        return LookOverResource::page($look->load('photos'), $format);
    }

    /** Where a look-over stands: saved at every tap, so that it can be left half done. */
    public function update(
        LookOverRequest $request,
        Ledger $ledger,
        LookOver $look,
        LengthFormatter $format,
    ): LookAnswer {
        abort_if($look->state !== LookOver::OPEN, 409, 'This one is settled already.');
        $values = $request->values($format->unit);
        $ledger->save(static fn (Changes $changes) => $changes->update($look, $values, $request->version()));

        return LookOverResource::page($look->load('photos'), $format, $request->complaints());
    }

    /** The tool was bought: it enters the kit with its list of things to mend. */
    public function buy(SettleLookRequest $request, Ledger $ledger, LookOver $look, LengthFormatter $format): LookAnswer
    {
        abort_if($look->state !== LookOver::OPEN, 409, 'This one is settled already.');
        $price = Price::read('price', $request->string('price')->toString());
        $mends = array_filter(
            $look->toCore($format)->toMend(),
            static fn (Looked $one): bool => $one->finding->mending !== null && $one->finding->mending->minutes > 0,
        );
        $form = $look->toolForm($format);
        // A size that cannot be read is left to be read at home: the tool is bought all the same.
        $sizes = array_filter(
            $form->given,
            static fn (string $dimension): bool => $form->form->readings[$dimension]->error === null,
            ARRAY_FILTER_USE_KEY,
        );
        $ledger->record(
            'tool-bought',
            $form->name,
            self::sentence($form->name, $price, count($mends)),
            static function (Changes $changes) use ($look, $form, $sizes, $price, $mends, $request, $format): void {
                $tool = $changes->create(Tool::of($changes->bench), [
                    'kind' => $look->kind,
                    'name' => $form->name,
                    'status' => ToolStatus::Owned,
                    'size' => $sizes,
                    'price' => $price,
                    'hung_on' => Carbon::now()->toDateString(),
                ]);
                EdgesOfTool::bring($changes, $tool, $format);
                ReferencesOfTool::bring($changes, $tool);
                foreach ($mends as $one) {
                    $changes->create(Mend::of($changes->bench), [
                        'tool_id' => $tool->id,
                        'says' => (string) $one->finding->mending?->says,
                        'minutes' => (int) $one->finding->mending?->minutes,
                        'cost' => (float) $one->finding->mending?->cost,
                    ]);
                }
                $changes->update($look, ['state' => 'bought', 'tool_id' => $tool->id], $request->version());
            },
        );

        return $this->show($look, $format);
    }

    /** The tool stayed at the stall. */
    public function leave(
        SettleLookRequest $request,
        Ledger $ledger,
        LookOver $look,
        LengthFormatter $format,
    ): LookAnswer {
        abort_if($look->state !== LookOver::OPEN, 409, 'This one is settled already.');
        $ledger->record(
            'tool-left',
            $look,
            "Left the {$look->name} at the stall.",
            static fn (Changes $changes) => $changes->update($look, ['state' => 'left'], $request->version()),
        );

        return $this->show($look, $format);
    }

    private static function sentence(string $name, ?float $price, int $mends): string
    {
        $for = $price === null ? '' : ' for '.Money::plain($price);

        return "Bought the $name$for, second-hand.".
            ($mends === 0 ? '' : ($mends === 1 ? ' One thing to mend.' : " $mends things to mend."));
    }
}
