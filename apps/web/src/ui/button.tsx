import type { ButtonHTMLAttributes, Ref } from 'react';

type Look = 'rim' | 'yolk' | 'bare';

const looks: Readonly<Record<Look, string>> = {
  rim: 'border-2 border-rim bg-glaze hover:bg-dip',
  yolk: 'border-2 border-yolk bg-yolk text-on-yolk hover:brightness-105',
  bare: 'hover:bg-dip',
};

interface ButtonProps extends ButtonHTMLAttributes<HTMLButtonElement> {
  readonly look?: Look;
  readonly ref?: Ref<HTMLButtonElement>;
}

export function Button({ look = 'rim', className = '', type = 'button', ...rest }: ButtonProps) {
  return (
    <button
      type={type}
      className={`tap tap-coarse inline-flex items-center justify-center gap-2 whitespace-nowrap rounded-lg px-3 font-semibold ${looks[look]} ${className}`}
      {...rest}
    />
  );
}
