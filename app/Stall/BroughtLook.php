<?php

declare(strict_types=1);

namespace App\Stall;

use App\Ledger\Changes;
use App\Ledger\Ledger;
use JackRest\Core\Measure\LengthFormatter;

/** A look-over that was made where nothing could be asked, brought to the bench whole: one entry, one undo. */
final readonly class BroughtLook
{
    /** @param  array<string, mixed>  $columns  of the look-over as far as it was made */
    public function __construct(private array $columns, private LengthFormatter $format)
    {
    }

    /**
     * @param  string  $state  how it ended there: open, bought or left
     * @param  float|null  $price  what was paid; null: nobody said
     */
    public function write(Ledger $ledger, string $state, ?float $price): LookOver
    {
        $draft = (new LookOver())->forceFill($this->columns);
        $bought = $state === LookOver::BOUGHT ? new BoughtTool($draft, $price, $this->format) : null;
        $made = null;
        $ledger->record(
            match ($state) {
                LookOver::BOUGHT => 'tool-bought',
                LookOver::LEFT => 'tool-left',
                default => 'look-brought',
            },
            $bought?->name() ?? $draft->name,
            match ($state) {
                LookOver::BOUGHT => (string) $bought?->says(),
                LookOver::LEFT => "Left the {$draft->name} at the stall.",
                default => "Looked the {$draft->name} over at the stall.",
            },
            function (Changes $changes) use ($state, $price, &$made): void {
                $made = $changes->create(LookOver::of($changes->bench), [
                    ...$this->columns,
                    'state' => $state === LookOver::LEFT ? LookOver::LEFT : LookOver::OPEN,
                ]);
                if ($state === LookOver::BOUGHT) {
                    (new BoughtTool($made, $price, $this->format))->write($changes, $made->version);
                }
            },
        );
        assert($made instanceof LookOver);

        return $made;
    }
}
