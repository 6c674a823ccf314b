<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\ShadowBoard;

use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\ShadowBoard\BoardTool;
use JackRest\Desk\Advice;
use JackRest\Desk\ShadowBoard\ShadowBoardForm;
use PHPUnit\Framework\TestCase;

/** What is said while a shadow board is described. */
final class ShadowBoardFormTest extends TestCase
{
    /** @param  list<string>  $kinds */
    private static function form(string $width, string $height, array $kinds, string $room = '25'): ShadowBoardForm
    {
        $tools = array_map(
            static fn (string $kind): BoardTool => BoardTool::of(
                new ToolAtHand($kind, $kind, str_replace('-', ' ', $kind)),
            ),
            $kinds,
        );

        return ShadowBoardForm::of($width, $height, $room, $tools, new LengthFormatter(LengthUnit::Millimetre));
    }

    public function test_it_asks_for_what_is_missing(): void
    {
        self::assertSame('Choose the tools that are to hang here.', self::form('800', '600', [])->next(0)->says);
        self::assertSame(
            'Read off the panel: its width and its height.',
            self::form('800', '', ['jack-plane'])->next(0)->says,
        );
        self::assertFalse(self::form('800', '', ['jack-plane'])->isSound());
    }

    /** A jack plane is 355 mm long and 140 mm high; with 25 mm for the hand it takes 165 of 600 mm. */
    public function test_all_hang_and_what_stays_free_is_told(): void
    {
        $form = self::form('800', '600', ['jack-plane']);
        self::assertEquals(
            new Advice('It hangs: print 2 sheets.', 'Each kind has rows of its own. 435 mm stay free below.'),
            $form->next(2),
        );
        self::assertTrue($form->isSound());
    }

    public function test_a_panel_smaller_than_every_tool_is_refused_beside_its_width(): void
    {
        $form = self::form('120', '120', ['jack-plane', 'try-plane']);
        self::assertSame(
            'The panel is smaller than each of the tools: even the jack plane takes 355 mm × 140 mm.',
            $form->form->readings['width']->error,
        );
        self::assertFalse($form->isSound());
    }

    public function test_one_tool_too_large_is_named_and_the_others_hang(): void
    {
        $form = self::form('400', '400', ['jack-plane', 'try-plane']);
        self::assertEquals(
            new Advice(
                'One of 2 does not fit: take a larger panel, or leave it out.',
                'Try plane is larger than the panel.',
            ),
            $form->next(3),
        );
        self::assertTrue($form->isSound());
        self::assertNotNull($form->arrangement);
        self::assertSame(
            'larger than the panel: with room for the hand 625 mm × 175 mm',
            $form->why($form->arrangement->left[0]),
        );
    }

    /** Two jacks of 140 + 25 mm in height need 330 mm. */
    public function test_the_panel_that_would_take_all_is_told(): void
    {
        $form = self::form('400', '200', ['jack-plane', 'fore-plane', 'smoothing-plane']);
        self::assertNotNull($form->arrangement);
        self::assertSame(325.0, $form->arrangement->neededMm);
        self::assertStringContainsString(
            'A panel of this width takes the others if it is 325 mm high.',
            $form->next(1)->why,
        );
    }

    public function test_figures_that_cannot_be_are_refused_beside_their_field(): void
    {
        self::assertSame(
            'A panel is between 100 mm and 5000 mm.',
            self::form('20', '600', ['jack-plane'])->form->readings['width']->error,
        );
        self::assertSame(
            'A hand needs between 5 mm and 150 mm.',
            self::form('800', '600', ['jack-plane'], '0')->form->readings['room']->error,
        );
        self::assertNotNull(self::form('wide', '600', ['jack-plane'])->form->readings['width']->error);
    }
}
