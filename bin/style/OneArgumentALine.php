<?php

declare(strict_types=1);

namespace Facelift\Style;

use PhpCsFixer\AbstractFixer;
use PhpCsFixer\FixerDefinition\CodeSample;
use PhpCsFixer\FixerDefinition\FixerDefinition;
use PhpCsFixer\FixerDefinition\FixerDefinitionInterface;
use PhpCsFixer\Tokenizer\Token;
use PhpCsFixer\Tokenizer\Tokens;

/**
 * From five parameters or arguments on, each stands on a line of its own.
 *
 * It only opens the list; `method_argument_space` and the indentation fixers, which run after it, do the rest.
 */
final class OneArgumentALine extends AbstractFixer
{
    private const FROM = 5;

    public function getName(): string
    {
        return 'Facelift/one_argument_a_line';
    }

    public function getDefinition(): FixerDefinitionInterface
    {
        return new FixerDefinition(
            'Five or more parameters or arguments stand one a line.',
            [new CodeSample("<?php\nf(1, 2, 3, 4, 5);\n")],
        );
    }

    /** Before `method_argument_space` (30) and the fixers of indentation. */
    public function getPriority(): int
    {
        return 40;
    }

    public function isCandidate(Tokens $tokens): bool
    {
        return $tokens->isTokenKindFound(T_STRING);
    }

    protected function applyFix(\SplFileInfo $file, Tokens $tokens): void
    {
        for ($i = $tokens->count() - 1; $i > 0; --$i) {
            if (!$tokens[$i]->equals('(') || !$this->opensAList($tokens, $i)) {
                continue;
            }
            $close = $tokens->findBlockEnd(Tokens::BLOCK_TYPE_PARENTHESIS_BRACE, $i);
            if ($this->members($tokens, $i, $close) >= self::FROM) {
                $this->open($tokens, $i, $close);
            }
        }
    }

    /** True for a call, a `new`, and a declaration; not for `if (`, `match (` or a bracket within an expression. */
    private function opensAList(Tokens $tokens, int $at): bool
    {
        $before = $tokens->getPrevMeaningfulToken($at);

        return $before !== null && $tokens[$before]->isGivenKind([T_STRING, T_VARIABLE, T_STATIC, T_FN, T_FUNCTION])
            || $before !== null && $tokens[$before]->equalsAny([')', ']']);
    }

    private function members(Tokens $tokens, int $open, int $close): int
    {
        $members = $tokens->getNextMeaningfulToken($open) === $close ? 0 : 1;
        for ($i = $open + 1; $i < $close; ++$i) {
            $block = Tokens::detectBlockType($tokens[$i]);
            if ($block !== null && $block['isStart']) {
                $i = $tokens->findBlockEnd($block['type'], $i);
            } elseif ($tokens[$i]->equals(',') && $tokens->getNextMeaningfulToken($i) !== $close) {
                ++$members;
            }
        }

        return $members;
    }

    private function open(Tokens $tokens, int $open, int $close): void
    {
        if (!str_contains($tokens[$close - 1]->getContent(), "\n")) {
            $tokens->insertAt($close, new Token([T_WHITESPACE, "\n"]));
        }
        $next = $tokens[$open + 1];
        if (!$next->isWhitespace()) {
            $tokens->insertAt($open + 1, new Token([T_WHITESPACE, "\n"]));
        } elseif (!str_contains($next->getContent(), "\n")) {
            $tokens[$open + 1] = new Token([T_WHITESPACE, "\n"]);
        }
    }
}
