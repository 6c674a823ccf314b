<?php

declare(strict_types=1);

namespace App\School;

use App\Bench\Bench;
use App\Ledger\Record;
use JackRest\Core\Care\Damp;
use JackRest\Core\Kit\Months;
use JackRest\Core\School\Overrule;
use JackRest\Core\School\School;

/**
 * How a bench chooses its tools: the school, what was decided about single kinds, and the money.
 *
 * @property array<string, string> $answers
 * @property array<string, string> $overrules
 * @property float|null $per_month
 * @property float|null $budget
 * @property int|null $floor
 * @property Damp $damp of the shop's air
 */
final class KitSettings extends Record
{
    protected $table = 'kit_settings';

    protected $attributes = [
        'answers' => '{}',
        'overrules' => '{}',
        'per_month' => null,
        'budget' => null,
        'floor' => null,
        'damp' => 'ordinary',
        'version' => 1,
    ];

    /** How tools are chosen on a bench; nothing decided yet is a choice too. */
    public static function now(Bench $bench): self
    {
        return self::of($bench)->first() ?? new self(['bench_id' => $bench->id]);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'answers' => 'array',
            'overrules' => 'array',
            'per_month' => 'float',
            'budget' => 'float',
            'floor' => 'integer',
            'damp' => Damp::class,
        ];
    }

    public function school(): School
    {
        return new School($this->answers, array_map(Overrule::from(...), $this->overrules));
    }

    public function months(string $today): ?Months
    {
        return $this->per_month === null || $this->per_month <= 0.0 ? null : new Months($today, $this->per_month);
    }
}
