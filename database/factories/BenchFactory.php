<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Bench\Bench;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * Another bench than the demo’s, empty.
 *
 * @extends Factory<Bench>
 */
final class BenchFactory extends Factory
{
    /** @var class-string<Bench> */
    protected $model = Bench::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return ['name' => 'Mill Lane'];
    }
}
