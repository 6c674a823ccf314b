<?php

declare(strict_types=1);

namespace App\Stone;

use App\Bench\Bench;
use App\Files\Table;
use App\Ledger\Changes;
use App\Tool\Price;
use JackRest\Core\Abrasive\GritScale;
use JackRest\Core\Abrasive\Medium;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Rack\NewStone;
use JackRest\Desk\Rack\PrintedScale;
use JackRest\Desk\Rack\StoneForm;

/** The rack: every piece with its scale and designation. */
final class RackTable implements Table
{
    private const COLUMNS = ['name', 'medium', 'scale', 'designation', 'price', 'lasts'];

    /** @var array<string, true>|null */
    private ?array $known = null;

    public function name(): string
    {
        return 'rack';
    }

    public function columns(): array
    {
        return self::COLUMNS;
    }

    public function needed(): string
    {
        return 'designation';
    }

    public function rows(Bench $bench): array
    {
        return array_values(
            Stone::of($bench)
                ->oldest('id')
                ->get()
                ->map(
                    static fn (Stone $stone): array => [
                        'name' => $stone->name,
                        'medium' => $stone->medium->label(),
                        'scale' => $stone->scale->value,
                        'designation' => $stone->designation,
                        'price' => $stone->price,
                        'lasts' => $stone->lasts_edges,
                    ],
                )
                ->all(),
        );
    }

    public function line(Bench $bench, array $cells): ?array
    {
        $cells += array_fill_keys(self::COLUMNS, '');
        $stone = StoneForm::of(
            $cells['name'],
            self::medium($cells['medium']),
            self::scale($cells['scale']),
            $cells['designation'],
            $cells['lasts'],
        )->stone(Price::read('price', $cells['price']));
        $this->known ??= array_fill_keys(
            Stone::of($bench)
                ->get()
                ->map(static fn (Stone $here): string => self::mark($here->name, $here->scale, $here->designation))
                ->all(),
            true,
        );
        $mark = self::mark($stone->name, $stone->scale, $stone->designation);
        if (isset($this->known[$mark])) {
            return null;
        }
        $this->known[$mark] = true;

        return ['stone' => $stone];
    }

    public function says(array $line): string
    {
        assert($line['stone'] instanceof NewStone);

        return "{$line['stone']->name}: {$line['stone']->medium->label()}, "
            ."{$line['stone']->scale->label($line['stone']->designation)}";
    }

    public function write(Changes $changes, array $lines): void
    {
        foreach ($lines as $line) {
            assert($line['stone'] instanceof NewStone);
            $changes->create(Stone::of($changes->bench), Stone::columns($line['stone']));
        }
    }

    private static function mark(string $name, GritScale $scale, string $designation): string
    {
        return mb_strtolower("$name|{$scale->value}|$designation");
    }

    private static function medium(string $typed): Medium
    {
        foreach (Medium::cases() as $medium) {
            if (in_array(mb_strtolower($typed), [$medium->value, $medium->label()], true)) {
                return $medium;
            }
        }
        throw InvalidInput::because(
            'medium',
            'The medium must be one of: '.
                implode(', ', array_map(static fn (Medium $medium): string => $medium->label(), Medium::cases())).
                '.',
        );
    }

    private static function scale(string $typed): PrintedScale
    {
        return PrintedScale::tryFrom(mb_strtolower($typed)) ??
            throw InvalidInput::because(
                'scale',
                'The scale must be one of: '.implode(', ', array_column(PrintedScale::cases(), 'value')).'.',
            );
    }
}
