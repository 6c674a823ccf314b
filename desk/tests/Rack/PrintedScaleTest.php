<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Rack;

use JackRest\Core\Abrasive\GritScale;
use JackRest\Core\Abrasive\Medium;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Desk\Rack\PrintedScale;
use JackRest\Desk\Rack\StoneForm;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What stands on a stone, in whatever manner, is a size in the end. */
final class PrintedScaleTest extends TestCase
{
    /** Sieve openings by ASTM E11: 325 is 45 µm, 200 is 75 µm, 635 is 20 µm. */
    #[TestWith([PrintedScale::Mesh, '325', 45.0, '325 mesh diamond plate'])]
    #[TestWith([PrintedScale::Mesh, '#200', 75.0, '200 mesh diamond plate'])]
    #[TestWith([PrintedScale::Mesh, '635 mesh', 20.0, '635 mesh diamond plate'])]
    #[TestWith([PrintedScale::Micron, '9', 9.0, '9 µm diamond plate'])]
    public function test_diamond_is_told_by_its_mesh(PrintedScale $scale, string $typed, float $um, string $name): void
    {
        $form = StoneForm::of('', Medium::DiamondPlate, $scale, $typed, '');
        self::assertTrue($form->isSound());
        self::assertEqualsWithDelta($um, $form->particleUm, 1e-9);
        self::assertSame($name, $form->name);
        self::assertEqualsWithDelta($um, $form->stone(null)->scale->particleUm($form->stone(null)->designation), 0.005);
    }

    public function test_a_finer_mesh_is_a_finer_grain(): void
    {
        $last = INF;
        foreach ([80, 120, 220, 325, 400, 600, 1000, 1200, 3000, 8000] as $mesh) {
            $um = (float) StoneForm::of('', Medium::DiamondPlate, PrintedScale::Mesh, (string) $mesh, '')->particleUm;
            self::assertLessThan($last, $um, "mesh $mesh");
            $last = $um;
        }
    }

    public function test_oilstones_are_told_by_name(): void
    {
        $last = INF;
        foreach (['Coarse', 'medium', 'fine stone', 'hard', 'translucent oilstone'] as $typed) {
            $form = StoneForm::of('', Medium::Oilstone, PrintedScale::Named, $typed, '');
            self::assertLessThan($last, (float) $form->particleUm, $typed);
            self::assertStringEndsWith('oilstone', $form->name);
            self::assertSame(GritScale::Micron, $form->stone(null)->scale);
            $last = (float) $form->particleUm;
        }
        $unknown = StoneForm::of('', Medium::Oilstone, PrintedScale::Named, 'blue', '');
        self::assertStringContainsString('translucent', (string) $unknown->form->readings['designation']->error);
    }

    /** JIS R 6001 ends at 8000; what is sold beyond it goes on without a jump. */
    public function test_waterstones_go_on_where_the_table_ends(): void
    {
        $last = GritScale::Jis->particleUm('8000');
        foreach ([10000, 12000, 13000, 16000, 30000] as $grit) {
            $form = StoneForm::of('', Medium::Waterstone, PrintedScale::Jis, (string) $grit, '');
            self::assertLessThan($last, (float) $form->particleUm, "$grit");
            self::assertSame("$grit stone", $form->name);
            self::assertSame(GritScale::Micron, $form->scale, 'the table does not list it');
            $last = (float) $form->particleUm;
        }
        foreach (['30001', '5000'] as $refused) {
            $this->assertUnreadable(PrintedScale::Jis, $refused);
        }
        $this->assertUnreadable(PrintedScale::Mesh, '17');
    }

    public function test_a_grit_typed_as_micrometres_is_questioned(): void
    {
        $form = StoneForm::of('', Medium::Waterstone, PrintedScale::Micron, '1200', '');
        self::assertTrue($form->isSound(), 'a doubt stops nobody');
        self::assertSame(
            '1.2 mm: no stone is so coarse. If 1200 is a grit number, choose its scale.',
            $form->form->readings['designation']->doubt,
        );
        self::assertNull(
            StoneForm::of('', Medium::Wheel, PrintedScale::FepaF, '36', '')->form->readings['designation']->doubt,
        );
        self::assertNull(
            StoneForm::of('', Medium::Film, PrintedScale::Micron, '15', '')->form->readings['designation']->doubt,
        );
    }

    public function test_what_a_medium_is_usually_told_by_can_be_read(): void
    {
        foreach (Medium::cases() as $medium) {
            $scale = PrintedScale::usual($medium);
            $example = preg_replace('/^such as | or .*|,.*/', '', $scale->example());
            self::assertNotNull(
                StoneForm::of('', $medium, $scale, (string) $example, '')->particleUm,
                "{$medium->value}: $example",
            );
        }
    }

    private function assertUnreadable(PrintedScale $scale, string $typed): void
    {
        try {
            StoneForm::of('', Medium::Waterstone, $scale, $typed, '')->stone(null);
            self::fail("$typed was taken.");
        } catch (InvalidInput $wrong) {
            self::assertSame('designation', $wrong->errors[0]->field);
        }
    }
}
