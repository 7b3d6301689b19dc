import type { Rule } from './asked.ts';

/** How much of a liquid is kept. */
export const keptDoubt: Rule = ({ step }) => {
  const { text } = step;
  if (step.kept && !step.kept.amount)
    return {
      question: 'How much of the liquid is kept?',
      choices: ['100 ml', '250 ml', '500 ml'].map((amount) => ({
        label: amount.replace('ml', 'mL'),
        text: text.replace(
          /\b(?:reserv\w*|keep(?:ing)?|sav(?:e|ing)|set(?:ting)? aside|catch(?:ing)?)\b(?: an? \w+ of)?/i,
          (said) => `${said} ${amount} of`,
        ),
      })),
    };
  return undefined;
};
