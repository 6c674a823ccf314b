<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Stone\Stone;
use JackRest\Core\Abrasive\GritScale;
use JackRest\Core\Abrasive\Medium;

/**
 * A 1000 waterstone.
 *
 * @extends RecordFactory<Stone>
 */
final class StoneFactory extends RecordFactory
{
    /** @var class-string<Stone> */
    protected $model = Stone::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'name' => '1000 stone',
            'scale' => GritScale::Jis,
            'designation' => '1000',
            'cut_factor' => 1,
            'change_seconds' => 20,
            'medium' => Medium::Waterstone,
        ];
    }

    public function paper(): static
    {
        return $this->state([
            'name' => 'fine paper',
            'scale' => GritScale::FepaP,
            'designation' => '1200',
            'change_seconds' => 5,
            'medium' => Medium::Paper,
        ]);
    }
}
