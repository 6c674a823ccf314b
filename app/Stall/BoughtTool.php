<?php

declare(strict_types=1);

namespace App\Stall;

use App\Edge\EdgesOfTool;
use App\Http\Money;
use App\Ledger\Changes;
use App\Reference\ReferencesOfTool;
use App\Tool\Tool;
use App\Tool\ToolStatus;
use Illuminate\Support\Carbon;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Kit\ToolForm;
use JackRest\Desk\Stall\Looked;

/** A tool that was looked over is bought: it enters the kit with its edges and its list of things to mend. */
final readonly class BoughtTool
{
    private ToolForm $form;

    /** @param  float|null  $price  null: nobody said */
    public function __construct(private LookOver $look, private ?float $price, private LengthFormatter $format)
    {
        $this->form = $look->toolForm($format);
    }

    public function name(): string
    {
        return $this->form->name;
    }

    public function says(): string
    {
        $for = $this->price === null ? '' : ' for '.Money::plain($this->price);
        $mends = count($this->mends());

        return "Bought the {$this->name()}$for, second-hand.".
            ($mends === 0 ? '' : ($mends === 1 ? ' One thing to mend.' : " $mends things to mend."));
    }

    public function write(Changes $changes, int $version): void
    {
        $tool = $changes->create(Tool::of($changes->bench), [
            'kind' => $this->look->kind,
            'name' => $this->name(),
            'status' => ToolStatus::Owned,
            'size' => $this->sizes(),
            'price' => $this->price,
            'hung_on' => Carbon::now()->toDateString(),
        ]);
        EdgesOfTool::bring($changes, $tool, $this->format);
        ReferencesOfTool::bring($changes, $tool);
        foreach ($this->mends() as $one) {
            $changes->create(Mend::of($changes->bench), [
                'tool_id' => $tool->id,
                'says' => (string) $one->finding->mending?->says,
                'minutes' => (int) $one->finding->mending?->minutes,
                'cost' => (float) $one->finding->mending?->cost,
            ]);
        }
        $changes->update($this->look, ['state' => LookOver::BOUGHT, 'tool_id' => $tool->id], $version);
    }

    /** @return array<string, float> a size that cannot be read is left to be read at home */
    private function sizes(): array
    {
        return array_filter(
            $this->form->given,
            fn (string $dimension): bool => $this->form->form->readings[$dimension]->error === null,
            ARRAY_FILTER_USE_KEY,
        );
    }

    /** @return list<Looked> */
    private function mends(): array
    {
        return array_values(
            array_filter(
                $this->look->toCore($this->format)->toMend(),
                static fn (Looked $one): bool => $one->finding->mending !== null && $one->finding->mending->minutes > 0,
            ),
        );
    }
}
