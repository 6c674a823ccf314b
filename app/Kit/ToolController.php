<?php

declare(strict_types=1);

namespace App\Kit;

use App\Bench\Bench;
use App\Diary\Answer\DiaryEntryAnswer;
use App\Diary\Answer\RemovedAnswer;
use App\Diary\DiaryResource;
use App\Edge\Edge;
use App\Edge\EdgesOfTool;
use App\Http\Created;
use App\Http\Money;
use App\Http\OutlineResource;
use App\Kit\Answer\KitAnswer;
use App\Kit\Answer\ToolPageAnswer;
use App\Kit\Answer\ToolPreviewAnswer;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Ledger\VersionedRequest;
use App\Reference\Reference;
use App\Reference\ReferencesOfTool;
use App\Stone\StockOfRack;
use App\Tool\Tool;
use App\Tool\ToolStatus;
use App\Work\KitOfBench;
use Illuminate\Support\Carbon;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Outline\Outlines;
use JackRest\Desk\Count;

/** Tools, one by one. */
final class ToolController
{
    /** @return Created<ToolPageAnswer> */
    public function store(AddToolRequest $request, Ledger $ledger, LengthFormatter $format): Created
    {
        $values = $request->values($format);
        $tool = null;
        $sentence =
            $values['status'] === ToolStatus::Owned
                ? "Hung up the {$values['name']}."
                : "Put the {$values['name']} on the list.";
        $ledger->record('tool-added', $values['name'], $sentence, static function (Changes $changes) use (
            $values,
            $format,
            &$tool,
        ): void {
            $tool = $changes->create(Tool::of($changes->bench), $values);
            EdgesOfTool::bring($changes, $tool, $format, $tool->price);
            ReferencesOfTool::bring($changes, $tool);
        });
        assert($tool instanceof Tool);

        return new Created($this->show($ledger->bench, $tool, $format));
    }

    /** A tool as far as it has been described; writes nothing. */
    public function preview(ToolFormRequest $request, LengthFormatter $format): ToolPreviewAnswer
    {
        $form = $request->form($format);

        return new ToolPreviewAnswer(
            kind: $form->kind->id,
            figures: $form->form->readings,
            outline: OutlineResource::of(Outlines::of($form->kind->form, $form->sizes)),
            name: $form->name,
            sound: $form->isSound(),
        );
    }

    public function show(Bench $bench, Tool $tool, LengthFormatter $format): ToolPageAnswer
    {
        return (new ToolPageResource(new KitOfBench($bench), $format))->of($tool->load('strokeCounts'));
    }

    public function update(
        VersionedToolFormRequest $request,
        Ledger $ledger,
        Tool $tool,
        LengthFormatter $format,
    ): ToolPageAnswer {
        $values = $request->values($tool, $format);
        $ledger->record('tool-changed', $values['name'], "Changed the {$values['name']}.", static function (
            Changes $changes,
        ) use ($tool, $values, $request, $format): void {
            $changes->update($tool, $values, $request->version());
            EdgesOfTool::bring($changes, $tool, $format);
            ReferencesOfTool::bring($changes, $tool);
        });

        return $this->show($ledger->bench, $tool, $format);
    }

    /** Takes a tool off the board with its edges and tests, and says what can no longer be done. */
    public function destroy(VersionedRequest $request, Ledger $ledger, Tool $tool): RemovedAnswer
    {
        $loses =
            $tool->status === ToolStatus::Owned ? ToolPageResource::lost(new KitOfBench($ledger->bench), $tool) : [];
        $entry = $ledger->record('tool-removed', $tool, self::sentence($tool, $loses), static function (
            Changes $changes,
        ) use ($tool, $request): void {
            $changes->delete($tool, $request->version());
            StockOfRack::tookOff($changes, $tool);
            Edge::ofTool($tool)->get()->each(static fn (Edge $edge) => $changes->delete($edge));
            $references = Reference::of($changes->bench)->where('tool_id', $tool->id);
            $references->get()->each(static fn (Reference $reference) => $changes->delete($reference));
        });

        return new RemovedAnswer(entry: DiaryResource::entry($entry), loses: $loses);
    }

    /** How a tool was found: asked when it comes in, in one tap. */
    public function condition(
        ToolConditionRequest $request,
        Ledger $ledger,
        Tool $tool,
        LengthFormatter $format,
    ): ToolPageAnswer {
        $found = $request->condition($tool);
        $sentence = "Looked at the {$tool->name}: {$found->label()}.";
        $ledger->record('tool-condition', $tool, $sentence, static function (Changes $changes) use (
            $tool,
            $found,
            $request,
        ): void {
            $changes->update($tool, ['condition' => $found], $request->version());
            EdgesOfTool::tell($changes, $tool);
        });

        return $this->show($ledger->bench, $tool, $format);
    }

    public function price(PriceRequest $request, Ledger $ledger, Tool $tool): KitAnswer
    {
        $price = $request->price();
        $ledger->record(
            'price',
            $tool,
            "Price of the {$tool->name}: ".Money::plain($price).'.',
            static function (Changes $changes) use ($tool, $price, $request): void {
                $changes->update($tool, ['price' => $price], $request->version());
            },
        );

        return KitResource::of(new KitOfBench($ledger->bench));
    }

    public function got(VersionedRequest $request, Ledger $ledger, Tool $tool, LengthFormatter $format): KitAnswer
    {
        $kit = new KitOfBench($ledger->bench);
        $came = ['hung_on' => Carbon::now()->toDateString(), 'bought_for' => $kit->wantedFor($tool->kind)];
        $left = new BudgetLeft($kit, (string) $tool->id);
        $sentence = "Got the {$tool->name}; it hangs on the board.{$left->sentence()}";
        $ledger->record('got-tool', $tool, $sentence, static function (
            Changes $changes,
        ) use ($tool, $came, $request, $format, $left): void {
            $changes->update($tool, ['status' => ToolStatus::Owned, ...$came], $request->version());
            $left->write($changes);
            EdgesOfTool::bring($changes, $tool, $format, $tool->price);
            ReferencesOfTool::bring($changes, $tool);
        });

        return KitResource::of(new KitOfBench($ledger->bench));
    }

    /**
     * Strokes really counted through a cut: they correct the saw's own factor.
     *
     * @return Created<DiaryEntryAnswer>
     */
    public function strokes(StrokesRequest $request, Ledger $ledger, Tool $tool, LengthFormatter $format): Created
    {
        if (! isset($tool->toCore()->sizes()['tpi'])) {
            throw InvalidInput::because('strokes', 'Strokes are counted for saws.');
        }
        $values = $request->values($format);
        $sentence =
            'Counted '.Count::of((int) $values['strokes'], 'stroke')." of the {$tool->name}: ".
            $format->dimension($values['depth_mm']).
            ' deep in '.
            $format->dimension($values['thickness_mm']).
            " of {$values['hardness']->value} wood.";
        $entry = $ledger->record('strokes-counted', $tool, $sentence, static function (Changes $changes) use (
            $tool,
            $values,
            $request,
        ): void {
            $changes->update($tool, [], $request->version());
            $changes->create($tool->strokeCounts(), $values);
        });

        return new Created(DiaryResource::entry($entry));
    }

    /** @param  list<string>  $loses */
    private static function sentence(Tool $tool, array $loses): string
    {
        $lost = $loses === [] ? '' : ' Without it – '.implode('; ', $loses).'.';

        return "Took the {$tool->name} off the board.$lost";
    }
}
