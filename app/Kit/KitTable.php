<?php

declare(strict_types=1);

namespace App\Kit;

use App\Bench\Bench;
use App\Edge\EdgesOfTool;
use App\Files\Table;
use App\Ledger\Changes;
use App\Reference\ReferencesOfTool;
use App\Tool\Price;
use App\Tool\Tool;
use App\Tool\ToolStatus;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Tool\Dimension;
use JackRest\Core\Tool\ToolKind;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Desk\Form\Quantity;
use JackRest\Desk\Kit\ToolForm;

/** Every tool with its sizes and its price; a line of one that hangs here already brings its price. */
final class KitTable implements Table
{
    private const COLUMNS = ['kind', 'name', 'status', 'sizes', 'price'];

    private readonly LengthFormatter $format;

    /** @var array<string, Tool>|null by kind and name */
    private ?array $here = null;

    public function __construct()
    {
        // Whatever unit somebody works in: a table says its own.
        $this->format = new LengthFormatter(LengthUnit::Millimetre);
    }

    public function name(): string
    {
        return 'kit';
    }

    public function columns(): array
    {
        return self::COLUMNS;
    }

    public function needed(): string
    {
        return 'kind';
    }

    public function rows(Bench $bench): array
    {
        return array_values(Tool::of($bench)->oldest('id')->get()->map(fn (Tool $tool): array => [
            'kind' => $tool->kindOfTool()->name,
            'name' => $tool->name,
            'status' => $tool->status->value,
            'sizes' => $this->sizes($tool),
            'price' => $tool->price,
        ])->all());
    }

    /** length 355 mm; iron 50 mm */
    private function sizes(Tool $tool): string
    {
        $sizes = [];
        foreach ($tool->kindOfTool()->dimensions as $dimension) {
            if (isset($tool->size[$dimension->name])) {
                $sizes[] = $dimension->name.' '.Quantity::of($dimension->unit)->amount(
                    $tool->size[$dimension->name],
                    $this->format,
                );
            }
        }

        return implode('; ', $sizes);
    }

    public function line(Bench $bench, array $cells): ?array
    {
        $cells += array_fill_keys(self::COLUMNS, '');
        $kind = self::kind($cells['kind']);
        $form = ToolForm::of($kind, self::typed($kind, $cells['sizes']), $cells['name'], $this->format);
        $form->form->soundOrRefuse('sizes');
        $price = Price::read('price', $cells['price']);
        $this->here ??= Tool::of($bench)->get()->toBase()->keyBy(self::mark(...))->all();
        $here = $this->here["$kind->id|".mb_strtolower($form->name)] ?? null;
        if ($here !== null) {
            return $price === null || $price === $here->price ? null : ['tool' => $here, 'price' => $price];
        }
        $new = [
            'kind' => $kind->id,
            'name' => $form->name,
            'status' => self::status($cells['status']),
            'size' => $form->given,
            'price' => $price,
        ];
        $this->here["$kind->id|".mb_strtolower($form->name)] = (new Tool())->forceFill($new);

        return ['new' => $new];
    }

    public function says(array $line): string
    {
        if (isset($line['tool']) && $line['tool'] instanceof Tool) {
            return "The price of the {$line['tool']->name}: {$this->price($line['price'])}";
        }
        $new = (array) ($line['new'] ?? []);
        $isOwned = ($new['status'] ?? null) === ToolStatus::Owned;

        return ($isOwned ? 'Hang up: ' : 'Put on the list: ').self::text($new['name'] ?? '');
    }

    public function write(Changes $changes, array $lines): void
    {
        foreach ($lines as $line) {
            if (isset($line['tool']) && $line['tool'] instanceof Tool) {
                $changes->update($line['tool'], ['price' => $line['price']]);

                continue;
            }
            /** @var array<string, mixed> $new */
            $new = $line['new'];
            $tool = $changes->create(Tool::of($changes->bench), $new);
            EdgesOfTool::bring($changes, $tool, $this->format, $tool->price);
            ReferencesOfTool::bring($changes, $tool);
        }
    }

    private function price(mixed $price): string
    {
        return is_float($price) || is_int($price) ? LengthFormatter::decimal((float) $price, 2) : '';
    }

    private static function text(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }

    private static function mark(Tool $tool): string
    {
        return "$tool->kind|".mb_strtolower($tool->name);
    }

    private static function kind(string $typed): ToolKind
    {
        foreach (ToolKinds::all() as $kind) {
            if (in_array(mb_strtolower(trim($typed)), [$kind->id, mb_strtolower($kind->name)], true)) {
                return $kind;
            }
        }
        throw InvalidInput::because('kind', "No kind of tool here is called “{$typed}”.");
    }

    private static function status(string $typed): ToolStatus
    {
        return trim($typed) === '' ? ToolStatus::Owned : ToolStatus::tryFrom(mb_strtolower(trim($typed)))
            ?? throw InvalidInput::because('status', 'The status must be owned or wanted.');
    }

    /** @return array<string, string> what was typed for each dimension, by its name */
    private static function typed(ToolKind $kind, string $sizes): array
    {
        $known = array_map(static fn (Dimension $dimension): string => $dimension->name, $kind->dimensions);
        $typed = [];
        foreach (array_map(trim(...), explode(';', $sizes)) as $size) {
            if ($size === '') {
                continue;
            }
            [$name, $figure] = [...explode(' ', $size, 2), ''];
            if (! in_array($name, $known, true)) {
                throw InvalidInput::because(
                    'sizes',
                    "A {$kind->name} has no size called “{$name}”: ".implode(', ', $known).'.',
                );
            }
            $typed[$name] = $figure;
        }

        return $typed;
    }
}
